package app.drachen.files.csv;

import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;

/** Knows how many bytes have been read. */
final class CountingStream extends FilterInputStream {
    private long read;

    CountingStream(InputStream in) {
        super(in);
    }

    @Override
    public int read() throws IOException {
        int b = super.read();
        read += b < 0 ? 0 : 1;
        return b;
    }

    @Override
    public int read(byte[] into, int from, int length) throws IOException {
        int n = super.read(into, from, length);
        read += Math.max(0, n);
        return n;
    }

    /** Bytes so far. */
    long count() {
        return read;
    }
}

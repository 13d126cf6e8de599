package app.drachen.core.wiring;

/** What is plugged in. */
public enum Plugged {
    PACK("pack", true, false, false),
    USB("USB only", false, true, false),
    BOTH("both", true, true, false),
    RECEIVER_PACK("pack and receiver pack", true, false, true);

    private final String label;
    private final boolean pack;
    private final boolean usb;
    private final boolean receiverPack;

    Plugged(String label, boolean pack, boolean usb, boolean receiverPack) {
        this.label = label;
        this.pack = pack;
        this.usb = usb;
        this.receiverPack = receiverPack;
    }

    public String label() {
        return label;
    }

    public boolean pack() {
        return pack;
    }

    public boolean usb() {
        return usb;
    }

    public boolean receiverPack() {
        return receiverPack;
    }
}

package app.drachen.desktop.trials;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.zip.DeflaterOutputStream;

/** Ways in which a file goes wrong, chosen by a seeded stream of random numbers. */
public final class Mutations {
    /** Texts that programs stumble over. */
    private static final String[] ODD = {
        "",
        "0",
        "-0",
        "-1",
        "1e308",
        "-1e308",
        "1e309",
        "NaN",
        "Infinity",
        "null",
        "true",
        "\"\"",
        "99999999999999999999",
        "2147483648",
        "-2147483649",
        "1e-320",
        "0x10",
        "1,5",
        "1.5.5",
        "--",
        "+",
        "e",
        ".",
        "\0",
        "\uFEFF",
        "\u202e",
        "\ud83e\ude81",
        "=1+1",
        "../x",
        "\u0663\u066b\u0665",
        "<",
        ">",
        "&",
        "]]>",
        "<!--",
        "\"",
        "\\",
        "\r",
        "\n",
        "\t",
        ";",
        ",",
        "|",
        "T",
        "Z",
        ":",
        "25:61:61",
        "2026-02-30T25:00:00Z",
        "+999999999-01-01T00:00:00Z",
        "31.02.2026",
        "$",
        "*",
        "B"
    };

    private final Random random;

    public Mutations(long seed) {
        random = new Random(seed);
    }

    public Random random() {
        return random;
    }

    public String odd() {
        return ODD[random.nextInt(ODD.length)];
    }

    /** Bytes turned, cut, lost, doubled, moved, written over. */
    byte[] bytes(byte[] whole) {
        byte[] now = whole.clone();
        for (int round = random.nextInt(4); round >= 0 && now.length > 2; round--) {
            int from = random.nextInt(now.length);
            int to = Math.min(now.length, from + 1 + random.nextInt(1 << random.nextInt(11)));
            byte[] head = Arrays.copyOf(now, from);
            byte[] piece = Arrays.copyOfRange(now, from, to);
            byte[] tail = Arrays.copyOfRange(now, to, now.length);
            switch (random.nextInt(7)) {
                case 0 -> {
                    for (int i = random.nextInt(20); i >= 0; i--) {
                        now[random.nextInt(now.length)] ^= (byte) (1 << random.nextInt(8));
                    }
                }
                case 1 -> now = head;
                case 2 -> now = joined(head, tail);
                case 3 -> now = joined(head, piece, piece, tail);
                case 4 -> now = joined(head, odd().getBytes(StandardCharsets.UTF_8), tail);
                case 5 -> {
                    random.nextBytes(piece);
                    now = joined(head, piece, tail);
                }
                default -> {
                    byte[][] many = new byte[100 + random.nextInt(100)][];
                    Arrays.fill(many, Arrays.copyOf(piece, Math.min(piece.length, 40)));
                    now = joined(head, joined(many), tail);
                }
            }
        }
        return now;
    }

    static byte[] joined(byte[]... parts) {
        ByteArrayOutputStream all = new ByteArrayOutputStream();
        for (byte[] part : parts) {
            all.writeBytes(part);
        }
        return all.toByteArray();
    }

    /** Fields of a text in lines: replaced, cut short, swapped, a whole column; lines doubled, lost, moved. */
    String fields(String text, char separator) {
        List<String> lines = new ArrayList<>(List.of(text.split("\n", -1)));
        String cut = java.util.regex.Pattern.quote(String.valueOf(separator));
        if (random.nextInt(5) == 0) {
            int column = random.nextInt(24);
            String word = odd();
            for (int i = random.nextInt(3); i < lines.size(); i++) {
                lines.set(i, withField(lines.get(i), cut, separator, column, word));
            }
        }
        for (int i = random.nextInt(6); i >= 0 && lines.size() > 1; i--) {
            int at = random.nextInt(random.nextInt(4) == 0 ? Math.min(3, lines.size()) : lines.size());
            String[] f = lines.get(at).split(cut, -1);
            int c = random.nextInt(f.length);
            switch (random.nextInt(6)) {
                case 0, 1 -> f[c] = odd();
                case 2 -> f[c] = f[c].substring(0, f[c].isEmpty() ? 0 : random.nextInt(f[c].length()));
                case 3 -> {
                    lines.add(random.nextInt(lines.size()), lines.get(at));
                    continue;
                }
                case 4 -> {
                    lines.remove(at);
                    continue;
                }
                default -> {
                    int d = random.nextInt(f.length);
                    String other = f[d];
                    f[d] = f[c];
                    f[c] = other;
                }
            }
            lines.set(at, String.join(String.valueOf(separator), f));
        }
        return String.join("\n", lines);
    }

    private static String withField(String line, String cut, char separator, int column, String word) {
        String[] f = line.split(cut, -1);
        if (column < f.length) {
            f[column] = word;
        }
        return String.join(String.valueOf(separator), f);
    }

    /** Digits and letters of a text of fixed columns turned into others. */
    String digits(String text) {
        StringBuilder now = new StringBuilder(text);
        for (int i = random.nextInt(30); i >= 0; i--) {
            int at = random.nextInt(now.length());
            if (Character.isDigit(now.charAt(at))) {
                now.setCharAt(at, "0123456789-".charAt(random.nextInt(11)));
            } else if (random.nextInt(4) == 0) {
                now.setCharAt(at, "NSEWAVB-\r\nH".charAt(random.nextInt(11)));
            }
        }
        return now.toString();
    }

    /** Values of a document replaced, lost, moved, lists emptied and filled. */
    JsonNode tree(JsonNode whole) {
        JsonNode now = whole.deepCopy();
        for (int i = random.nextInt(3); i >= 0; i--) {
            List<JsonNode> all = new ArrayList<>();
            containers(now, all);
            JsonNode chosen = all.get(random.nextInt(all.size()));
            if (chosen instanceof ObjectNode object && !object.isEmpty()) {
                List<String> names = new ArrayList<>();
                object.fieldNames().forEachRemaining(names::add);
                String name = names.get(random.nextInt(names.size()));
                JsonNode was = object.get(name);
                switch (random.nextInt(was.isNumber() ? 12 : 5)) {
                    case 0 -> object.remove(name);
                    case 1 -> object.set(odd() + "x", was);
                    case 2 -> object.set(names.get(random.nextInt(names.size())), was);
                    case 3, 4 -> object.set(name, value());
                    default -> object.set(name, number(was));
                }
            } else if (chosen instanceof ArrayNode list) {
                switch (random.nextInt(4)) {
                    case 0 -> list.removeAll();
                    case 1 -> list.add(value());
                    case 2 -> {
                        if (!list.isEmpty()) {
                            list.remove(random.nextInt(list.size()));
                        }
                    }
                    default -> {
                        for (int n = random.nextInt(60); n >= 0 && !list.isEmpty(); n--) {
                            list.add(list.get(0).deepCopy());
                        }
                    }
                }
            }
        }
        return now;
    }

    private JsonNode number(JsonNode was) {
        double[] by = {0, -1, 1e-3, 0.1, 0.5, 0.9, 1.1, 2, 10, 1_000};
        double now = was.asDouble() * by[random.nextInt(by.length)];
        return was.isInt()
                ? JsonNodeFactory.instance.numberNode((int) Math.round(now))
                : JsonNodeFactory.instance.numberNode(now);
    }

    private JsonNode value() {
        JsonNodeFactory make = JsonNodeFactory.instance;
        return switch (random.nextInt(10)) {
            case 0 -> make.nullNode();
            case 1 -> make.textNode(odd());
            case 2 -> make.booleanNode(true);
            case 3 -> make.numberNode(random.nextInt(5) - 2);
            case 4 -> make.numberNode(1e308);
            case 5 -> make.numberNode(-random.nextDouble());
            case 6 -> make.arrayNode();
            case 7 -> make.objectNode();
            case 8 -> make.textNode("x".repeat(10_000));
            default -> make.numberNode(random.nextGaussian() * 10);
        };
    }

    private static void containers(JsonNode node, List<JsonNode> into) {
        if (node.isContainerNode()) {
            into.add(node);
            node.forEach(child -> containers(child, into));
        }
    }

    /** A text in lines with checksums that are right again, as a receiver would send a wrong sentence. */
    String checked(String text) {
        StringBuilder out = new StringBuilder();
        for (String line : text.split("\n", -1)) {
            int dollar = line.indexOf('$');
            if (dollar < 0 || random.nextInt(20) == 0) {
                out.append(line).append('\n');
                continue;
            }
            int star = line.lastIndexOf('*');
            String body = line.substring(dollar + 1, star > dollar ? star : line.length())
                    .strip();
            out.append(sentence(body));
        }
        return out.toString();
    }

    /** A sentence of NMEA 0183 with its checksum. */
    static String sentence(String body) {
        int sum = 0;
        for (char c : body.toCharArray()) {
            sum ^= c;
        }
        return "$" + body + String.format("*%02X\r\n", sum & 0xFF);
    }

    static byte[] deflated(byte[] mark, byte[] raw) throws java.io.IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.writeBytes(mark);
        try (DeflaterOutputStream deflater = new DeflaterOutputStream(out)) {
            deflater.write(raw);
        }
        return out.toByteArray();
    }
}

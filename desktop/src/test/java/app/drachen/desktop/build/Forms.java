package app.drachen.desktop.build;

import java.io.Serializable;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.DoubleUnaryOperator;
import java.util.function.Function;
import java.util.function.IntFunction;
import java.util.function.LongConsumer;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.function.ToDoubleFunction;
import java.util.function.ToIntFunction;
import java.util.function.ToLongFunction;
import java.util.stream.Stream;

/** Lambdas and references to methods in all their forms, and what they answer. */
class Forms extends ArrayList<String> {
    private interface Face {
        private String secret(String of) {
            return "face " + of;
        }

        default Function<String, String> asks() {
            return x -> secret(x) + this.number();
        }

        int number();
    }

    private interface All<T> {
        T of(boolean a, char b, byte c, short d, int e, long f, float g, double h, T i);
    }

    private enum Kind {
        ONE(x -> x + 1),
        TWO(x -> 2 * x);

        private final DoubleUnaryOperator does;

        Kind(DoubleUnaryOperator does) {
            this.does = does;
        }
    }

    private record Pair(int a, double b) {}

    private class Inner {
        private Supplier<String> outside() {
            return () -> hidden("inner") + Forms.this.size();
        }
    }

    private String hidden(String x) {
        return "hidden " + x + size();
    }

    private static <T extends Number> double half(T of) {
        return of.doubleValue() / 2;
    }

    private static String many(Object... all) {
        return List.of(all).toString();
    }

    private Supplier<String> above() {
        return super::toString;
    }

    private static Predicate<Integer> thrower() {
        return x -> {
            throw new IllegalStateException("as it was " + x);
        };
    }

    /** One that may be written to a file, which is left alone. */
    static Comparator<String> serializable() {
        return (Comparator<String> & Serializable) (a, b) -> b.compareTo(a);
    }

    /** What each form answers, in words. */
    static String answers() {
        List<Object> said = new ArrayList<>();
        Forms forms = new Forms();
        forms.add("x");
        boolean a = true;
        char b = 'b';
        byte c = 3;
        short d = 4;
        int e = 5;
        long f = 6L << 40;
        float g = 7.5f;
        double h = 8.25;
        Supplier<String> catches = () -> "" + a + b + c + d + e + f + g + h + forms;
        All<String> takes = (p, q, r, s, t, u, v, w, x) -> "" + p + q + r + s + t + u + v + w + x;
        Face face = () -> 9;
        Supplier<Integer> boxed = forms::size;
        ToIntFunction<Integer> unboxed = Integer::intValue;
        ToDoubleFunction<Integer> wider = Integer::intValue;
        ToDoubleFunction<Long> unboxedWider = x -> x;
        ToLongFunction<Character> letter = x -> x;
        Function<Integer, Object> object = x -> x * 2;
        BiFunction<String, String, Boolean> unbound = String::equalsIgnoreCase;
        Function<Double, Double> bounded = Forms::half;
        IntFunction<int[]> array = int[]::new;
        BiFunction<Integer, Double, Pair> made = Pair::new;
        Function<Pair, Double> part = Pair::b;
        Consumer<String> drops = forms::add;
        LongConsumer dropsTwo = Long::bitCount;
        BiFunction<Long, Long, String> varied = Forms::many;
        BiFunction<Forms, String, String> secret = Forms::hidden;
        Function<Face, Integer> ofFace = Face::number;
        drops.accept("y");
        dropsTwo.accept(4);
        said.addAll(List.of(
                catches.get(),
                takes.of(a, b, c, d, e, f, g, h, "i"),
                face.asks().apply("z"),
                boxed.get()));
        said.addAll(List.of(unboxed.applyAsInt(11), wider.applyAsDouble(12), unboxedWider.applyAsDouble(13L)));
        said.addAll(List.of(letter.applyAsLong('l'), object.apply(14), unbound.apply("Q", "q"), bounded.apply(15.0)));
        said.addAll(List.of(array.apply(3).length, made.apply(16, 17.0), part.apply(new Pair(18, 19)), forms));
        said.addAll(List.of(
                varied.apply(20L, 21L),
                secret.apply(forms, "s"),
                ofFace.apply(face),
                forms.above().get()));
        said.addAll(List.of(Kind.ONE.does.applyAsDouble(22), Kind.TWO.does.applyAsDouble(23)));
        said.add(forms.new Inner().outside().get());
        said.add(Stream.of("b", "c", "a").sorted(serializable()).toList());
        Supplier<Supplier<Long>> nested = () -> () -> f + e;
        said.add(nested.get().get());
        for (int k = 0; k < 2; k++) {
            int turn = k;
            Supplier<Integer> again = () -> turn;
            said.add(again.get());
        }
        try {
            said.add(thrower().test(24));
        } catch (IllegalStateException wrong) {
            said.add(wrong.getMessage());
        }
        return said.toString();
    }
}

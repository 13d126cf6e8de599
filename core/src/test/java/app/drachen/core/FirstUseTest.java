package app.drachen.core;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.tngtech.archunit.core.domain.AccessTarget;
import com.tngtech.archunit.core.domain.JavaAccess;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaCodeUnit;
import com.tngtech.archunit.core.domain.JavaFieldAccess;
import com.tngtech.archunit.core.domain.JavaModifier;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

/**
 * Parts of a debrief and of a spread of flights are worked out by two hands. Two classes that wait for each other while they are set up
 * would stop both for ever, if each hand uses another of them first.
 *
 * <p>Source: The Java Language Specification, Java SE 17, section 12.4.2.
 */
class FirstUseTest {
    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("app.drachen.core");

    /** Two that wait for each other: one directly, one through a method. */
    private static final class Hen {
        static final Object EGG = Egg.LAID;
    }

    private static final class Egg {
        static final Object LAID = laid();

        static Object laid() {
            return Hen.EGG == null ? "first" : "second";
        }
    }

    /** What the setting up of each class sets up itself, as far as calls can be followed. */
    private static Map<String, Set<String>> setUp(JavaClasses classes) {
        Map<String, Set<String>> all = new LinkedHashMap<>();
        for (JavaClass one : classes) {
            one.getStaticInitializer().ifPresent(begin -> {
                Set<String> used = new TreeSet<>();
                Set<JavaCodeUnit> seen = new HashSet<>();
                Deque<JavaCodeUnit> next = new ArrayDeque<>(List.of(begin));
                while (!next.isEmpty()) {
                    JavaCodeUnit unit = next.remove();
                    if (seen.add(unit)) {
                        unit.getAccessesFromSelf().forEach(access -> follow(access, used, next));
                    }
                }
                used.remove(one.getName());
                all.put(one.getName(), used);
            });
        }
        return all;
    }

    private static void follow(JavaAccess<?> access, Set<String> used, Deque<JavaCodeUnit> next) {
        boolean first = true;
        if (access instanceof JavaFieldAccess field) {
            first = field.getTarget()
                    .resolveMember()
                    .filter(f -> f.getModifiers().contains(JavaModifier.STATIC))
                    .isPresent();
        } else if (access.getTarget() instanceof AccessTarget.CodeUnitAccessTarget target) {
            target.resolveMember().ifPresent(next::add);
        }
        if (first) {
            used.add(access.getTargetOwner().getName());
        }
    }

    /** Classes whose setting up leads back to them. */
    private static Set<String> circles(Map<String, Set<String>> all) {
        Set<String> circles = new TreeSet<>();
        for (String start : all.keySet()) {
            Set<String> seen = new HashSet<>();
            Deque<String> next = new ArrayDeque<>(all.get(start));
            while (!next.isEmpty()) {
                String at = next.remove();
                if (at.equals(start)) {
                    circles.add(start);
                } else if (seen.add(at)) {
                    next.addAll(all.getOrDefault(at, Set.of()));
                }
            }
        }
        return circles;
    }

    @Test
    void noClassWaitsForOneThatWaitsForIt() {
        Map<String, Set<String>> all = setUp(CORE);
        assertTrue(all.size() > 150, all.size() + " classes are set up");
        assertEquals(Set.of(), circles(all));
    }

    @Test
    void twoThatWaitForEachOtherAreFound() {
        JavaClasses planted = new ClassFileImporter().importClasses(Hen.class, Egg.class);
        assertEquals(Set.of(Hen.class.getName(), Egg.class.getName()), circles(setUp(planted)));
    }
}

package app.drachen.desktop.build;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.objectweb.asm.ClassReader;
import org.objectweb.asm.ClassWriter;
import org.objectweb.asm.Opcodes;
import org.objectweb.asm.Type;
import org.objectweb.asm.tree.AbstractInsnNode;
import org.objectweb.asm.tree.ClassNode;
import org.objectweb.asm.tree.FieldInsnNode;
import org.objectweb.asm.tree.InvokeDynamicInsnNode;
import org.objectweb.asm.tree.MethodInsnNode;
import org.objectweb.asm.tree.MethodNode;

/**
 * Writes lambdas and references to methods out as classes of their own. The JDK makes such a class when a program first comes to the
 * place, which costs a program just started 0.2 ms each even from an archive of classes; a plain class from the archive costs a tenth.
 * What they do stays the same; lambdas that can be written to a file, of which we have none, are left to the JDK.
 *
 * <p>Source: The Java Virtual Machine Specification 17, sections 4.7.28 (nests), 5.4.3.5 and 6.5 (invokedynamic); how arguments are
 * converted: the interface description of java.lang.invoke.LambdaMetafactory.
 */
final class Lambdas {
    private final Map<String, ClassNode> classes = new LinkedHashMap<>();
    private final Map<String, byte[]> made = new LinkedHashMap<>();
    private int count;

    private Lambdas() {}

    /**
     * Classes with what was written out.
     *
     * @param classes bytes of each by its inner name, those that were made last
     * @param count how many were made
     */
    record Written(Map<String, byte[]> classes, int count) {}

    /**
     * Writes those of some classes out. Nests must be whole: a class comes with those that are declared in it.
     *
     * @param classes bytes of each, in any order
     */
    static Written of(Iterable<byte[]> classes) {
        Lambdas all = new Lambdas();
        for (byte[] bytes : classes) {
            ClassNode node = new ClassNode();
            new ClassReader(bytes).accept(node, 0);
            all.classes.put(node.name, node);
        }
        all.classes.values().forEach(all::write);
        Map<String, byte[]> written = new LinkedHashMap<>();
        for (ClassNode node : all.classes.values()) {
            ClassWriter writer = new ClassWriter(0);
            node.accept(writer);
            written.put(node.name, writer.toByteArray());
        }
        written.putAll(all.made);
        return new Written(written, all.count);
    }

    private void write(ClassNode host) {
        String top = host.nestHostClass == null ? host.name : host.nestHostClass;
        int number = 0;
        for (MethodNode method : host.methods) {
            for (AbstractInsnNode at : method.instructions.toArray()) {
                if (at instanceof InvokeDynamicInsnNode place && LambdaClass.writes(place)) {
                    String name = host.name + "$Lambda" + ++number;
                    made.put(name, new LambdaClass(name, top, place).bytes());
                    nest(top).add(name);
                    method.instructions.set(at, instead(name, place));
                    count++;
                }
            }
        }
    }

    /** Those that may see what is private in a class; the new one is one of them. */
    private List<String> nest(String top) {
        ClassNode node = classes.get(top);
        if (node.nestMembers == null) {
            node.nestMembers = new ArrayList<>();
        }
        return node.nestMembers;
    }

    private static AbstractInsnNode instead(String name, InvokeDynamicInsnNode place) {
        Type face = Type.getReturnType(place.desc);
        return Type.getArgumentTypes(place.desc).length == 0
                ? new FieldInsnNode(Opcodes.GETSTATIC, name, LambdaClass.ONLY, face.getDescriptor())
                : new MethodInsnNode(Opcodes.INVOKESTATIC, name, LambdaClass.MAKE, place.desc, false);
    }
}

package app.drachen.desktop.build;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.objectweb.asm.ClassWriter;
import org.objectweb.asm.Handle;
import org.objectweb.asm.MethodVisitor;
import org.objectweb.asm.Opcodes;
import org.objectweb.asm.Type;
import org.objectweb.asm.tree.InvokeDynamicInsnNode;

/** The class of one lambda: what it has caught stands in fields, its method calls that of the class that it was written in. */
final class LambdaClass implements Opcodes {
    /** The only object of a lambda that has caught nothing. */
    static final String ONLY = "only";

    /** Makes the object of one that has. */
    static final String MAKE = "make";

    private static final String FACTORY = "java/lang/invoke/LambdaMetafactory";
    private static final String OBJECT = "java/lang/Object";

    private static final Map<Type, String> BOXES = Map.of(
            Type.BOOLEAN_TYPE, "java/lang/Boolean",
            Type.CHAR_TYPE, "java/lang/Character",
            Type.BYTE_TYPE, "java/lang/Byte",
            Type.SHORT_TYPE, "java/lang/Short",
            Type.INT_TYPE, "java/lang/Integer",
            Type.LONG_TYPE, "java/lang/Long",
            Type.FLOAT_TYPE, "java/lang/Float",
            Type.DOUBLE_TYPE, "java/lang/Double");

    private final String name;
    private final ClassWriter writer = new ClassWriter(ClassWriter.COMPUTE_MAXS);
    private final Type[] caught;
    private final String makes;
    private final Type face;

    /** Whether a place makes a plain lambda. */
    static boolean writes(InvokeDynamicInsnNode place) {
        return place.bsm.getOwner().equals(FACTORY) && place.bsm.getName().equals("metafactory");
    }

    /**
     * Writes the class of a place.
     *
     * @param name its inner name
     * @param nest the class whose private methods it may call
     */
    LambdaClass(String name, String nest, InvokeDynamicInsnNode place) {
        this.name = name;
        caught = Type.getArgumentTypes(place.desc);
        makes = Type.getMethodDescriptor(Type.VOID_TYPE, caught);
        face = Type.getReturnType(place.desc);
        writer.visit(
                V17, ACC_FINAL | ACC_SUPER | ACC_SYNTHETIC, name, null, OBJECT, new String[] {face.getInternalName()});
        writer.visitNestHost(nest);
        constructor();
        if (caught.length == 0) {
            only();
        } else {
            make(place.desc);
        }
        method(place.name, (Type) place.bsmArgs[0], (Handle) place.bsmArgs[1], (Type) place.bsmArgs[2]);
        writer.visitEnd();
    }

    byte[] bytes() {
        return writer.toByteArray();
    }

    private void constructor() {
        MethodVisitor to = method(ACC_PRIVATE, "<init>", makes);
        to.visitVarInsn(ALOAD, 0);
        to.visitMethodInsn(INVOKESPECIAL, OBJECT, "<init>", "()V", false);
        int at = 1;
        for (int k = 0; k < caught.length; k++) {
            writer.visitField(ACC_PRIVATE | ACC_FINAL, field(k), caught[k].getDescriptor(), null, null);
            to.visitVarInsn(ALOAD, 0);
            to.visitVarInsn(caught[k].getOpcode(ILOAD), at);
            to.visitFieldInsn(PUTFIELD, name, field(k), caught[k].getDescriptor());
            at += caught[k].getSize();
        }
        end(to, RETURN);
    }

    private void only() {
        writer.visitField(ACC_STATIC | ACC_FINAL, ONLY, face.getDescriptor(), null, null);
        MethodVisitor to = method(ACC_STATIC, "<clinit>", "()V");
        to.visitTypeInsn(NEW, name);
        to.visitInsn(DUP);
        to.visitMethodInsn(INVOKESPECIAL, name, "<init>", makes, false);
        to.visitFieldInsn(PUTSTATIC, name, ONLY, face.getDescriptor());
        end(to, RETURN);
    }

    private void make(String descriptor) {
        MethodVisitor to = method(ACC_STATIC, MAKE, descriptor);
        to.visitTypeInsn(NEW, name);
        to.visitInsn(DUP);
        int at = 0;
        for (Type type : caught) {
            to.visitVarInsn(type.getOpcode(ILOAD), at);
            at += type.getSize();
        }
        to.visitMethodInsn(INVOKESPECIAL, name, "<init>", makes, false);
        end(to, ARETURN);
    }

    /**
     * The method of the interface.
     *
     * @param plain its types where those of generic parameters are gone
     * @param called what does the work
     * @param meant its types here
     */
    private void method(String named, Type plain, Handle called, Type meant) {
        MethodVisitor to = method(ACC_PUBLIC, named, plain.getDescriptor());
        boolean makesObject = called.getTag() == H_NEWINVOKESPECIAL;
        if (makesObject) {
            to.visitTypeInsn(NEW, called.getOwner());
            to.visitInsn(DUP);
        }
        List<Type> wanted = new ArrayList<>();
        if (!makesObject && called.getTag() != H_INVOKESTATIC) {
            wanted.add(Type.getObjectType(called.getOwner()));
        }
        wanted.addAll(List.of(Type.getArgumentTypes(called.getDesc())));
        for (int k = 0; k < caught.length; k++) {
            to.visitVarInsn(ALOAD, 0);
            to.visitFieldInsn(GETFIELD, name, field(k), caught[k].getDescriptor());
            convert(to, caught[k], caught[k], wanted.get(k));
        }
        int at = 1;
        Type[] given = plain.getArgumentTypes();
        for (int k = 0; k < given.length; k++) {
            to.visitVarInsn(given[k].getOpcode(ILOAD), at);
            at += given[k].getSize();
            convert(to, given[k], meant.getArgumentTypes()[k], wanted.get(caught.length + k));
        }
        call(to, called);
        Type answer = makesObject ? Type.getObjectType(called.getOwner()) : Type.getReturnType(called.getDesc());
        Type returned = plain.getReturnType();
        if (returned.getSort() == Type.VOID && answer.getSize() > 0) {
            to.visitInsn(answer.getSize() == 2 ? POP2 : POP);
        } else if (returned.getSort() != Type.VOID) {
            convert(to, answer, meant.getReturnType(), returned);
        }
        end(to, returned.getOpcode(IRETURN));
    }

    /** What is private is called like the rest, since the class belongs to the nest. */
    private static void call(MethodVisitor to, Handle called) {
        boolean face = called.isInterface();
        int how =
                switch (called.getTag()) {
                    case H_INVOKESTATIC -> INVOKESTATIC;
                    case H_NEWINVOKESPECIAL -> INVOKESPECIAL;
                    case H_INVOKEVIRTUAL, H_INVOKEINTERFACE, H_INVOKESPECIAL -> face ? INVOKEINTERFACE : INVOKEVIRTUAL;
                    default -> throw new IllegalStateException("a lambda does not call " + called);
                };
        to.visitMethodInsn(how, called.getOwner(), called.getName(), called.getDesc(), face);
    }

    private MethodVisitor method(int access, String named, String descriptor) {
        MethodVisitor to = writer.visitMethod(access, named, descriptor, null, null);
        to.visitCode();
        return to;
    }

    private static void end(MethodVisitor to, int how) {
        to.visitInsn(how);
        to.visitMaxs(0, 0);
        to.visitEnd();
    }

    private static String field(int k) {
        return "caught" + k;
    }

    /**
     * Makes what is on the stack into what is wanted.
     *
     * @param is type on the stack
     * @param meant what it is where generic parameters are known
     */
    private static void convert(MethodVisitor to, Type is, Type meant, Type wanted) {
        if (primitive(is) && primitive(wanted)) {
            widen(to, is, wanted);
        } else if (primitive(is)) {
            String box = BOXES.get(is);
            to.visitMethodInsn(INVOKESTATIC, box, "valueOf", "(" + is.getDescriptor() + ")L" + box + ";", false);
        } else if (primitive(wanted)) {
            Type held = BOXES.entrySet().stream()
                    .filter(e -> e.getValue().equals(meant.getInternalName()))
                    .map(Map.Entry::getKey)
                    .findFirst()
                    .orElse(wanted);
            String box = BOXES.get(held);
            to.visitTypeInsn(CHECKCAST, box);
            to.visitMethodInsn(INVOKEVIRTUAL, box, held.getClassName() + "Value", "()" + held.getDescriptor(), false);
            widen(to, held, wanted);
        } else if (!is.equals(wanted) && !wanted.getInternalName().equals(OBJECT)) {
            to.visitTypeInsn(CHECKCAST, wanted.getInternalName());
        }
    }

    private static boolean primitive(Type type) {
        return type.getSort() <= Type.DOUBLE;
    }

    private static void widen(MethodVisitor to, Type is, Type wanted) {
        int from = Math.max(Type.INT, is.getSort());
        int into = Math.max(Type.INT, wanted.getSort());
        if (from == into) {
            return;
        }
        to.visitInsn(
                switch (into) {
                    case Type.LONG -> I2L;
                    case Type.FLOAT -> from == Type.INT ? I2F : L2F;
                    default -> from == Type.INT ? I2D : from == Type.LONG ? L2D : F2D;
                });
    }
}

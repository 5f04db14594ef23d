package rustictangle.server.log;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.Arrays;
import java.util.Locale;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import rustictangle.core.log.Said;
import rustictangle.core.log.SessionBegun;
import rustictangle.core.log.SessionEvent.PassDone;
import rustictangle.core.log.Subject;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.deser.std.StdScalarDeserializer;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.jsontype.NamedType;
import tools.jackson.databind.module.SimpleModule;

/**
 * How what is said is written, in the data file and over HTTP: {@code {"type":"SECTION_DONE","section":…}}. The name of
 * a kind is that of its class.
 */
@Component
public class SaidJson extends SimpleModule {

    private static final long serialVersionUID = 1L;

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
    private interface ByType {}

    /** What says nothing is not written: sessions that go place by place read as they always did. */
    @JsonInclude(JsonInclude.Include.NON_EMPTY)
    private interface NothingEmpty {}

    public SaidJson() {
        super("what is said");
        setMixInAnnotation(Said.class, ByType.class);
        setMixInAnnotation(SessionBegun.class, NothingEmpty.class);
        setMixInAnnotation(PassDone.class, NothingEmpty.class);
        kinds(Said.class).forEach(kind -> registerSubtypes(new NamedType(kind, name(kind))));
        addDeserializer(Subject.class, new SubjectByName());
    }

    private static final class SubjectByName extends StdScalarDeserializer<Subject> {

        SubjectByName() {
            super(Subject.class);
        }

        @Override
        public Subject deserialize(JsonParser json, DeserializationContext context) {
            String name = json.getValueAsString("");
            return Subject.named(name)
                    .orElseThrow(() -> InvalidFormatException.from(json, "no subject", name, Subject.class));
        }
    }

    /** Every kind there is of a sealed type. */
    static Stream<Class<?>> kinds(Class<?> type) {
        return type.isSealed()
                ? Arrays.stream(type.getPermittedSubclasses()).flatMap(SaidJson::kinds)
                : Stream.of(type);
    }

    static String name(Class<?> kind) {
        return kind.getSimpleName().replaceAll("(?<=[a-z])(?=[A-Z])", "_").toUpperCase(Locale.ROOT);
    }
}

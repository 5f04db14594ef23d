package rustictangle.server.frame;

import org.springframework.stereotype.Component;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.deser.std.StdScalarDeserializer;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.module.SimpleModule;

/** No text that comes in holds a NUL: the data file would take it for the text's end. */
@Component
class PlainText extends SimpleModule {

    private static final long serialVersionUID = 1L;

    PlainText() {
        super("plain text");
        addDeserializer(String.class, new WithoutNul());
    }

    private static final class WithoutNul extends StdScalarDeserializer<String> {

        WithoutNul() {
            super(String.class);
        }

        @Override
        public String deserialize(JsonParser json, DeserializationContext context) {
            String text = json.getValueAsString();
            if (text == null) {
                return (String) context.handleUnexpectedToken(getValueType(context), json);
            }
            if (text.indexOf('\0') >= 0) {
                throw InvalidFormatException.from(json, "a NUL", text.replace('\0', '?'), String.class);
            }
            return text;
        }
    }
}

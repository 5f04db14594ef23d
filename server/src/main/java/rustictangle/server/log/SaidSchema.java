package rustictangle.server.log;

import com.fasterxml.jackson.databind.JavaType;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.media.Discriminator;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.util.Iterator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import rustictangle.core.Sure;
import rustictangle.core.log.Said;
import rustictangle.core.log.Subject;

/** What is said, in the API: one of its kinds, told apart by their type. */
@Component
class SaidSchema implements ModelConverter {

    private static final String TYPE = "type";
    private static final String REF = "#/components/schemas/";

    @Override
    public @Nullable Schema<?> resolve(
            AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
        JavaType java = Json.mapper().constructType(type.getType());
        if (java != null && java.getRawClass() == Subject.class) {
            return new StringSchema()
                    ._enum(Subject.all().stream().map(Subject::name).toList());
        }
        if (java != null && java.getRawClass().isSealed() && Said.class.isAssignableFrom(java.getRawClass())) {
            return oneOf(java.getRawClass(), context);
        }
        return chain.hasNext() ? chain.next().resolve(type, context, chain) : null;
    }

    private static Schema<?> oneOf(Class<?> sealed, ModelConverterContext context) {
        Schema<?> all = new Schema<>();
        Discriminator byType = new Discriminator().propertyName(TYPE);
        SaidJson.kinds(sealed).forEach(kind -> {
            context.resolve(new AnnotatedType(kind).resolveAsRef(true));
            Schema<?> model = Sure.at(context.getDefinedModels(), kind.getSimpleName());
            model.addProperty(TYPE, new StringSchema()._enum(List.of(SaidJson.name(kind))));
            if (model.getRequired() == null || !model.getRequired().contains(TYPE)) {
                model.addRequiredItem(TYPE);
            }
            all.addOneOfItem(new Schema<>().$ref(REF + kind.getSimpleName()));
            byType.mapping(SaidJson.name(kind), REF + kind.getSimpleName());
        });
        all.setDiscriminator(byType);
        context.defineModel(sealed.getSimpleName(), all, sealed, null);
        return new Schema<>().$ref(REF + sealed.getSimpleName());
    }
}

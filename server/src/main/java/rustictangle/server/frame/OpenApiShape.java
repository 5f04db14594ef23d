package rustictangle.server.frame;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import com.fasterxml.jackson.databind.JavaType;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.media.Schema;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What a record always carries is required in the API; what is Optional or nullable may be absent. */
@Component
class OpenApiShape implements ModelConverter {

    private final Map<String, Class<?>> byName = new ConcurrentHashMap<>();

    @Override
    public @Nullable Schema<?> resolve(
            AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
        if (!chain.hasNext()) {
            return null;
        }
        Schema<?> schema = chain.next().resolve(type, context, chain);
        JavaType java = Json.mapper().constructType(type.getType());
        if (schema != null && java != null && java.getRawClass().isRecord()) {
            refuseNamesakes(java.getRawClass());
            Schema<?> model = schema.get$ref() == null
                    ? schema
                    : context.getDefinedModels()
                            .get(schema.get$ref().substring(schema.get$ref().lastIndexOf('/') + 1));
            if (model != null) {
                model.setRequired(required(java.getRawClass(), model));
            }
        }
        return schema;
    }

    /** Of two that are called alike the document would only hold one. */
    private void refuseNamesakes(Class<?> record) {
        Class<?> before = byName.putIfAbsent(record.getSimpleName(), record);
        if (before != null && before != record) {
            throw new IllegalStateException(before + " and " + record + " are called alike in the API; rename one");
        }
    }

    private static List<String> required(Class<?> record, Schema<?> model) {
        Map<String, ?> properties = model.getProperties() == null ? Map.of() : model.getProperties();
        return always(record).filter(properties::containsKey).toList();
    }

    private static Stream<String> always(Class<?> record) {
        return Arrays.stream(record.getRecordComponents())
                .filter(component -> !mayBeAbsent(component))
                .flatMap(component -> component.getAccessor().isAnnotationPresent(JsonUnwrapped.class)
                        ? always(component.getType())
                        : Stream.of(component.getName()));
    }

    private static boolean mayBeAbsent(RecordComponent component) {
        return component.getType() == Optional.class
                || component.getAnnotatedType().isAnnotationPresent(Nullable.class);
    }
}

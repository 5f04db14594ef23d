package rustictangle.server.frame;

import io.swagger.v3.oas.models.OpenAPI;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.beans.factory.config.BeanDefinition;
import org.springframework.context.annotation.ClassPathScanningCandidateComponentProvider;
import org.springframework.core.type.filter.AssignableTypeFilter;
import org.springframework.stereotype.Component;
import org.springframework.util.ClassUtils;
import rustictangle.core.Choice;

/** The API tells the words for each of its choices, and the rooms' limits, so that whoever shows them needs none of its own. */
@Component
record OpenApiChoices(List<ScreenFacts> rooms) implements OpenApiCustomizer {

    private static final String EVERYWHERE = "rustictangle";

    /** @param hint may be empty */
    record Word(String value, String title, String label, String hint) {}

    @Override
    public void customise(OpenAPI api) {
        api.getInfo().setTitle("Rustic Tangle");
        api.getInfo().setVersion(Version.TEXT);
        api.addExtension("x-choices", all());
        Map<String, Object> facts = new TreeMap<>();
        rooms.forEach(room -> room.facts().forEach((name, fact) -> {
            if (facts.put(name, fact) != null) {
                throw new IllegalStateException("two rooms name a fact " + name);
            }
        }));
        api.addExtension("x-facts", facts);
    }

    /** By the name of the type, within which it is declared before it. */
    static Map<String, List<Word>> all() {
        var types = new ClassPathScanningCandidateComponentProvider(false);
        types.addIncludeFilter(new AssignableTypeFilter(Choice.class));
        Map<String, List<Word>> all = new TreeMap<>();
        for (BeanDefinition found : types.findCandidateComponents(EVERYWHERE)) {
            Class<?> type = ClassUtils.resolveClassName(Objects.requireNonNull(found.getBeanClassName()), null);
            all.put(
                    ClassUtils.getShortName(type).replace(".", ""),
                    Arrays.stream(type.getEnumConstants())
                            .map(value -> word((Enum<?>) value, (Choice) value))
                            .toList());
        }
        return all;
    }

    private static Word word(Enum<?> value, Choice choice) {
        return new Word(value.name(), choice.title(), choice.label(), choice.hint());
    }
}

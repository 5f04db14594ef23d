package rustictangle.server.log;

import org.springframework.context.annotation.Configuration;
import org.springframework.format.FormatterRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import rustictangle.core.log.Subject;

/** What a dog learns, by its name, in a path or a query. */
@Configuration
class SubjectInPaths implements WebMvcConfigurer {

    @Override
    public void addFormatters(FormatterRegistry registry) {
        registry.addConverter(String.class, Subject.class, name -> Subject.named(name)
                .orElseThrow(() -> new IllegalArgumentException(name + " is nothing that is learned")));
    }
}

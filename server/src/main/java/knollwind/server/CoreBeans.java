package knollwind.server;

import knollwind.core.scene.DocumentJson;
import knollwind.core.type.FontLibrary;
import knollwind.core.type.Typesetter;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;
import tools.jackson.databind.json.JsonMapper;

/** The core's long-lived parts, and its mapper for everything the server reads and writes. */
@Configuration
class CoreBeans {
    @Bean
    @Primary
    JsonMapper jsonMapper() {
        return DocumentJson.MAPPER;
    }

    @Bean
    FontLibrary fontLibrary() {
        return new FontLibrary();
    }

    @Bean
    Typesetter typesetter(FontLibrary fonts) {
        return new Typesetter(fonts);
    }
}

package knollwind.server;

import knollwind.core.document.DocumentJson;
import knollwind.core.layout.Materials;
import knollwind.core.type.FontLibrary;
import knollwind.core.type.Typesetter;
import knollwind.server.files.Sounds;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;
import org.springframework.http.ProblemDetail;
import org.springframework.http.converter.json.ProblemDetailJacksonMixin;
import tools.jackson.databind.json.JsonMapper;

/** The core's long-lived parts, and its mapper for everything the server reads and writes; problems are written flat. */
@Configuration
class CoreBeans {
    @Bean
    @Primary
    JsonMapper jsonMapper() {
        return DocumentJson.MAPPER
                .rebuild()
                .addMixIn(ProblemDetail.class, ProblemDetailJacksonMixin.class)
                .build();
    }

    @Bean
    FontLibrary fontLibrary() {
        return new FontLibrary();
    }

    @Bean
    Typesetter typesetter(FontLibrary fonts) {
        return new Typesetter(fonts);
    }

    @Bean
    Materials materials(Typesetter typesetter, Sounds sounds) {
        return new Materials(typesetter, sound -> sounds.envelope(sound.sha256()));
    }
}

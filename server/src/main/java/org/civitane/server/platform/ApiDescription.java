package org.civitane.server.platform;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.servers.Server;
import java.util.List;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.databind.JsonNode;

/** What the OpenAPI document says about all calls together. */
@Configuration(proxyBeanMethods = false)
class ApiDescription {
    static {
        SpringDocUtils.getConfig()
                .replaceWithClass(JsonNode.class, Object.class)
                .replaceWithClass(Phrase.class, String.class);
    }

    @Bean
    OpenAPI description() {
        return new OpenAPI().info(new Info().title("Civitane").version("1")).servers(List.of(new Server().url("/")));
    }
}

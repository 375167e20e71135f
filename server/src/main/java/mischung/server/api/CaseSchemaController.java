package mischung.server.api;

import io.swagger.v3.oas.annotations.Operation;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The published schema of case files. */
@RestController
class CaseSchemaController {
    private static final MediaType SCHEMA = MediaType.parseMediaType("application/schema+json");

    @GetMapping("/api/case-schema")
    @Operation(operationId = "caseSchema", summary = "JSON Schema (2020-12) of an exported case")
    ResponseEntity<Resource> schema() {
        return ResponseEntity.ok().contentType(SCHEMA).body(new ClassPathResource("mischung/case.schema.json"));
    }
}

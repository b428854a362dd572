package knollwind.server.engine;

import jakarta.validation.Valid;
import java.util.List;
import knollwind.core.document.Operation;
import knollwind.core.frame.LooksByEngine;
import knollwind.core.scene.EngineRule;
import knollwind.core.scene.Project;
import knollwind.core.type.Typesetter;
import knollwind.server.draft.DraftRequest;
import knollwind.server.draft.Drafts;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.node.StringNode;

/** A project keeps to the rules of looks that it was made by, until its user has seen newer ones and accepts them. */
@RestController
class EngineController {
    /**
     * What newer rules would change.
     *
     * @param rules that the project does not keep to, in words; none where it keeps to all
     * @param differences the scenes that would look different
     * @param accept the change by which they are accepted
     */
    record EngineView(List<String> rules, List<LooksByEngine.Difference> differences, List<Operation> accept) {}

    private final Drafts drafts;
    private final Typesetter typesetter;

    EngineController(Drafts drafts, Typesetter typesetter) {
        this.drafts = drafts;
        this.typesetter = typesetter;
    }

    @PostMapping("/api/projects/{id}/engine")
    EngineView engine(@PathVariable String id, @Valid @RequestBody DraftRequest request) {
        Project project = drafts.document(id, request);
        return new EngineView(
                EngineRule.newerThan(project.engineVersion()).stream()
                        .map(EngineRule::text)
                        .toList(),
                LooksByEngine.of(project, typesetter),
                List.of(new Operation.Set("engineVersion", new StringNode(Project.ENGINE_VERSION))));
    }
}

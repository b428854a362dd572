package knollwind.server.library;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.List;
import knollwind.core.motion.Easings;
import knollwind.server.project.MissingException;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Easing functions that were saved by name. */
@RestController
@RequestMapping("/api/curves")
class CurveController {
    /** A curve; saving one under a name that is taken replaces it. */
    record Curve(
            @NotBlank @Size(max = 60) String name,
            @NotBlank @Size(max = 2000) String function) {}

    private final OwnCurveRepository own;

    CurveController(OwnCurveRepository own) {
        this.own = own;
    }

    @GetMapping
    List<Curve> curves() {
        return own.findAllByOrderByNameAsc().stream()
                .map(curve -> new Curve(curve.name, curve.function))
                .toList();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    @Transactional
    public Curve save(@Valid @RequestBody Curve curve) {
        Easings.read(curve.function());
        OwnCurveEntity entity = new OwnCurveEntity();
        entity.name = curve.name().strip();
        entity.function = curve.function().strip();
        own.save(entity);
        return new Curve(entity.name, entity.function);
    }

    @DeleteMapping("/{name}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Transactional
    public void delete(@PathVariable String name) {
        if (!own.existsById(name)) {
            throw new MissingException("There is no curve with this name.");
        }
        own.deleteById(name);
    }
}

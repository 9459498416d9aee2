package joropo.app.machine;

import java.util.List;
import java.util.Map;
import joropo.app.access.Person;
import joropo.app.job.JobLine;
import joropo.app.job.JobService;
import joropo.app.print.Printing;
import joropo.app.register.Machine;
import joropo.app.register.Position;
import joropo.app.register.RegisterService;
import joropo.app.ui.NotFound;
import joropo.app.ui.Paged;
import joropo.app.ui.Show;
import joropo.core.plan.Lives;
import joropo.core.units.Length;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** What of a machine goes on paper: its history, and the label of a position. */
@Controller
@RequestMapping("/machines")
class MachinePrints {
    private final RegisterService register;
    private final JobService jobs;
    private final Printing printing;
    private final Show show;

    MachinePrints(RegisterService register, JobService jobs, Printing printing, Show show) {
        this.register = register;
        this.jobs = jobs;
        this.printing = printing;
        this.show = show;
    }

    /** A position as its history prints it. @param more jobs that are older than those */
    public record Told(Position position, List<JobLine> jobs, long more, List<String> lives) {}

    @GetMapping("/{id}/history.pdf")
    ResponseEntity<byte[]> history(@PathVariable long id, @ModelAttribute(name = "me", binding = false) Person me) {
        Machine machine = register.machine(id).orElseThrow(() -> new NotFound("machine " + id));
        return printing.page(
                "print/history",
                Map.of(
                        "machine",
                        machine,
                        "positions",
                        register.positionsOf(id).stream().map(this::told).toList(),
                        "show",
                        show,
                        "unit",
                        me.unit()),
                me.unit(),
                "history-" + id);
    }

    private Told told(Position position) {
        Paged<JobLine> lines = jobs.ofPosition(position.id(), 1);
        return new Told(
                position,
                lines.shown(),
                lines.total() - lines.shown().size(),
                jobs.history(position.id()).lives().stream()
                        .flatMap(item -> item.lives().stream())
                        .map(this::life)
                        .toList());
    }

    private String life(Lives.Life life) {
        return life.seal() + ", fitted " + show.day(life.fittedAt()) + ", "
                + (life.removedAt() == null ? "still runs" : "out " + show.day(life.removedAt()))
                + (life.hours() == null ? "" : " after " + Length.show(life.hours(), 0) + " h");
    }

    @GetMapping("/positions/{id}/label.pdf")
    ResponseEntity<byte[]> label(@PathVariable long id, @ModelAttribute(name = "me", binding = false) Person me) {
        Position position = register.position(id).orElseThrow(() -> new NotFound("position " + id));
        return printing.label(
                position.machineName(),
                List.of(
                        position.name(),
                        position.machinePlace(),
                        position.kind().words(),
                        position.size().text(me.unit())),
                ServletUriComponentsBuilder.fromCurrentContextPath()
                        .path("/machines/positions/" + id)
                        .toUriString(),
                "position-" + id);
    }
}

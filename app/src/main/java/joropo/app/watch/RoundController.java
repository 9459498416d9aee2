package joropo.app.watch;

import java.util.Map;
import java.util.UUID;
import joropo.app.ui.Paged;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** All watches of an area, one after the other, with a phone in the hand. */
@Controller
class RoundController {
    private final WatchService watches;

    RoundController(WatchService watches) {
        this.watches = watches;
    }

    @GetMapping("/round")
    String round(@RequestParam(defaultValue = "") String area, Model model) {
        model.addAttribute("areas", watches.areas());
        model.addAttribute("area", area);
        model.addAttribute("stops", watches.round(area, Paged.asked(model)));
        model.addAttribute("today", watches.today());
        model.addAttribute("sent", UUID.randomUUID().toString());
        model.addAttribute("typed", Map.of());
        model.addAttribute("errors", Map.of());
        return "watch/round";
    }

    /** Keeps rounds open where the network is not; at the root, since it looks after more than its own folder. */
    @GetMapping(path = "/round-worker.js", produces = "text/javascript")
    ResponseEntity<Resource> worker() {
        return ResponseEntity.ok()
                .cacheControl(CacheControl.noCache())
                .body(new ClassPathResource("static/assets/js/round-worker.js"));
    }
}

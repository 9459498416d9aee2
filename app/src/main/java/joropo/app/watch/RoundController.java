package joropo.app.watch;

import java.util.Map;
import joropo.app.ui.Paged;
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
        model.addAttribute("typed", Map.of());
        model.addAttribute("errors", Map.of());
        return "watch/round";
    }
}

package joropo.app.access;

import java.security.Principal;
import joropo.core.units.LengthUnit;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What each person sets for themselves: unit, look, a token for the JSON interface. */
@Controller
@RequestMapping("/account")
class AccountController {
    private final PeopleService people;

    AccountController(PeopleService people) {
        this.people = people;
    }

    @GetMapping
    String account() {
        return "access/account";
    }

    @PostMapping("/unit")
    String unit(@RequestParam LengthUnit unit, @RequestParam(defaultValue = "/") String back, Principal who) {
        people.setUnit(people.find(who.getName()).orElseThrow(), unit);
        return "redirect:" + own(back);
    }

    @PostMapping("/theme")
    String theme(@RequestParam Theme theme, Principal who) {
        people.setTheme(people.find(who.getName()).orElseThrow(), theme);
        return "redirect:/account";
    }

    @PostMapping("/token")
    String token(Principal who, Model model) {
        model.addAttribute("token", people.newToken(people.find(who.getName()).orElseThrow()));
        return "access/account";
    }

    /** Only a path of this application, never another address. */
    private static String own(String back) {
        return back.matches("/[\\w/-]*") && !back.startsWith("//") ? back : "/";
    }
}

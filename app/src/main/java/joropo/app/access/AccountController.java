package joropo.app.access;

import jakarta.servlet.http.HttpServletRequest;
import java.security.Principal;
import java.util.Map;
import joropo.app.ui.Errors;
import joropo.core.units.LengthUnit;
import joropo.core.units.Needs;
import joropo.core.units.RefusedInput;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What each person sets for themselves: unit, look, password, sign-ins, tokens for the JSON interface. */
@Controller
@RequestMapping("/account")
class AccountController {
    private final PeopleService people;
    private final SignIns signIns;

    AccountController(PeopleService people, SignIns signIns) {
        this.people = people;
        this.signIns = signIns;
    }

    @GetMapping
    String account(Principal who, HttpServletRequest request, Model model) {
        return page(who, Map.of(), request, model);
    }

    @PostMapping("/unit")
    String unit(@RequestParam LengthUnit unit, @RequestParam(defaultValue = "/") String back, Principal who) {
        people.setUnit(me(who), unit);
        return "redirect:" + own(back);
    }

    @PostMapping("/theme")
    String theme(@RequestParam Theme theme, Principal who) {
        people.setTheme(me(who), theme);
        return "redirect:/account";
    }

    @PostMapping("/token")
    String token(Principal who, HttpServletRequest request, Model model) {
        model.addAttribute("token", people.newToken(me(who)));
        return page(who, Map.of(), request, model);
    }

    @PostMapping("/tokens/{id}/end")
    String endToken(@PathVariable long id, Principal who) {
        people.endToken(me(who), id);
        return "redirect:/account#tokens";
    }

    /** All other sign-ins of this person end with the old password. */
    @PostMapping("/password")
    String password(
            @RequestParam String old,
            @RequestParam String fresh,
            @RequestParam String again,
            Principal who,
            HttpServletRequest request,
            Model model) {
        try {
            people.confirm(me(who), "old", old, request.getRemoteAddr());
            new Needs().that("again", fresh.equals(again), "is not the same").done();
            people.setPassword(who.getName(), fresh, who.getName());
            return "redirect:/login?changed";
        } catch (RefusedInput e) {
            return page(who, Errors.byField(e), request, model);
        }
    }

    @PostMapping("/sign-ins/{key}/end")
    String endSignIn(@PathVariable String key, Principal who) {
        signIns.end(who.getName(), key);
        return "redirect:/account#sign-ins";
    }

    private String page(Principal who, Map<String, String> errors, HttpServletRequest request, Model model) {
        model.addAttribute("signIns", signIns.of(who.getName(), request.getSession()));
        model.addAttribute("tokens", people.tokens(me(who)));
        model.addAttribute("errors", errors);
        return "access/account";
    }

    private Person me(Principal who) {
        return people.find(who.getName()).orElseThrow();
    }

    /** Only a path of this application, never another address. */
    private static String own(String back) {
        return back.matches("/[\\w/-]*") && !back.startsWith("//") ? back : "/";
    }
}

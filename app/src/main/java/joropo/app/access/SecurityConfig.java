package joropo.app.access;

import joropo.app.JoropoSettings;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpMethod;
import org.springframework.security.authentication.AccountStatusUserDetailsChecker;
import org.springframework.security.authentication.dao.DaoAuthenticationProvider;
import org.springframework.security.config.Customizer;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.ExceptionTranslationFilter;
import org.springframework.security.web.access.intercept.AuthorizationFilter;
import org.springframework.security.web.authentication.UsernamePasswordAuthenticationFilter;

/** Pages want a sign-in; the JSON interface wants a token, or in the demo a caller on the same machine. */
@Configuration(proxyBeanMethods = false)
public class SecurityConfig {
    /** Nothing is loaded from outside, nothing runs from within a page. */
    public static final String CONTENT_POLICY =
            "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self'; font-src 'self'; "
                    + "connect-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'";

    /** What every judgement rests on, how the works works and what its gauges are worth; and what is said of a job. */
    private static final String[] LEADS_ALONE = {
        "/settings/practice", "/settings/signing", "/settings/gauges/**", "/settings/GAUGE/**", "/jobs/*/reviews"
    };

    @Bean
    PasswordEncoder passwordEncoder() {
        return encoder();
    }

    static PasswordEncoder encoder() {
        return PasswordEncoderFactories.createDelegatingPasswordEncoder();
    }

    /** That somebody was withdrawn is told only to who knows their password: no answer tells which names there are. */
    @Bean
    DaoAuthenticationProvider byPassword(PersonMapper people, PasswordEncoder encoder) {
        var provider = new DaoAuthenticationProvider(name ->
                people.findByName(name).map(SignedIn::new).orElseThrow(() -> new UsernameNotFoundException(name)));
        provider.setPasswordEncoder(encoder);
        provider.setPreAuthenticationChecks(person -> {});
        provider.setPostAuthenticationChecks(new AccountStatusUserDetailsChecker());
        return provider;
    }

    @Bean
    @Order(1)
    SecurityFilterChain api(HttpSecurity http, PeopleService people, JoropoSettings settings) throws Exception {
        http.securityMatcher("/api/**")
                .csrf(csrf -> csrf.disable()) // nothing is stored there and no cookie is looked at
                .sessionManagement(s -> s.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .requestCache(c -> c.disable())
                .headers(h ->
                        h.contentSecurityPolicy(c -> c.policyDirectives("default-src 'none'; frame-ancestors 'none'")))
                .exceptionHandling(e ->
                        e.authenticationEntryPoint((request, response, refused) -> ApiTokenFilter.refuse(response)))
                .addFilterBefore(new ApiTokenFilter(people, settings.demo()), AuthorizationFilter.class)
                .authorizeHttpRequests(a -> a.anyRequest().authenticated());
        return http.build();
    }

    @Bean
    @Order(2)
    SecurityFilterChain pages(HttpSecurity http, PeopleService people, SignIns signIns, Tries tries) throws Exception {
        var gone = new SessionGone();
        http.authorizeHttpRequests(a -> a.requestMatchers(
                                "/assets/**",
                                "/webjars/**",
                                "/login",
                                "/round-worker.js",
                                "/login/kept",
                                "/first-account",
                                "/bare",
                                "/error")
                        .permitAll()
                        .requestMatchers("/people/**", "/records/**")
                        .hasRole(Role.LEAD.name())
                        .requestMatchers(HttpMethod.POST, LEADS_ALONE)
                        .hasRole(Role.LEAD.name())
                        .requestMatchers("/account/**", "/logout")
                        .authenticated()
                        .requestMatchers(HttpMethod.GET, "/**")
                        .authenticated()
                        .anyRequest()
                        .hasAnyRole(Role.FITTER.name(), Role.LEAD.name()))
                .addFilterBefore(new StillWelcome(people, signIns), ExceptionTranslationFilter.class)
                .addFilterBefore(new SignInGate(tries), UsernamePasswordAuthenticationFilter.class)
                .formLogin(f -> f.loginPage("/login")
                        .failureHandler(new SignInFailure())
                        .permitAll())
                .logout(l -> l.logoutSuccessUrl("/login?out"))
                .exceptionHandling(e -> e.authenticationEntryPoint(gone).accessDeniedHandler(gone))
                .headers(h -> h.contentSecurityPolicy(c -> c.policyDirectives(CONTENT_POLICY))
                        .referrerPolicy(Customizer.withDefaults()));
        return http.build();
    }
}

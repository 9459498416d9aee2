package joropo.app.access;

import java.time.Clock;
import joropo.app.JoropoSettings;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpMethod;
import org.springframework.security.config.Customizer;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.ExceptionTranslationFilter;
import org.springframework.security.web.access.intercept.AuthorizationFilter;

/** Pages want a sign-in; the JSON interface wants a token, or in the demo a caller on the same machine. */
@Configuration(proxyBeanMethods = false)
public class SecurityConfig {
    /** Nothing is loaded from outside, nothing runs from within a page. */
    public static final String CONTENT_POLICY =
            "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self'; font-src 'self'; "
                    + "connect-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'";

    @Bean
    PasswordEncoder passwordEncoder() {
        return PasswordEncoderFactories.createDelegatingPasswordEncoder();
    }

    @Bean
    UserDetailsService userDetailsService(PersonMapper people, Clock clock) {
        return name -> people.findByName(name)
                .map(p -> new SignedIn(
                        p, p.lockedUntil() != null && clock.instant().isBefore(p.lockedUntil())))
                .orElseThrow(() -> new UsernameNotFoundException(name));
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
    SecurityFilterChain pages(HttpSecurity http, PeopleService people) throws Exception {
        var gone = new SessionGone();
        http.authorizeHttpRequests(a -> a.requestMatchers(
                                "/assets/**",
                                "/webjars/**",
                                "/login",
                                "/login/kept",
                                "/first-account",
                                "/bare",
                                "/error")
                        .permitAll()
                        .requestMatchers("/people/**")
                        .hasRole(Role.LEAD.name())
                        .requestMatchers("/account/**", "/logout")
                        .authenticated()
                        .requestMatchers(HttpMethod.GET, "/**")
                        .authenticated()
                        .anyRequest()
                        .hasAnyRole(Role.FITTER.name(), Role.LEAD.name()))
                .addFilterBefore(new StillWelcome(people), ExceptionTranslationFilter.class)
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

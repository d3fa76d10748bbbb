package org.eskarn.app.webhook;

import java.net.URI;
import java.net.URISyntaxException;
import java.security.SecureRandom;
import java.time.Clock;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.eskarn.app.account.Secret;
import org.eskarn.app.actions.ActionAbout;
import org.eskarn.app.actions.ActionLog;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.ledger.WhenSigned;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.page.Typed;
import org.eskarn.app.page.Words;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Which programs are told of what is signed, and what they are told. */
@Service
public class WebHooks implements WhenSigned {

    private static final int LONGEST_NAME = 80;
    private static final int LONGEST_ADDRESS = 400;
    private static final int MOST = 10;
    private static final int HIGHEST_PORT = 65_535;
    static final int SHOWN = 50;

    private final WebHookMapper mapper;
    private final ActionLog actions;
    private final SecureRandom chance = new SecureRandom();
    private final Clock clock;

    WebHooks(WebHookMapper mapper, ActionLog actions, Clock clock) {
        this.mapper = mapper;
        this.actions = actions;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public List<WebHook> all() {
        return mapper.all();
    }

    /** By their ids, those too that are told no more. */
    @Transactional(readOnly = true)
    public Map<Long, String> names() {
        return mapper.ever().stream().collect(Collectors.toMap(WebHook::id, WebHook::name));
    }

    @Transactional(readOnly = true)
    public List<HookEvent> latest() {
        return mapper.latest(SHOWN);
    }

    /**
     * Tells one more program from now on.
     *
     * @return its secret, shown once
     * @throws FormRefused if the address is none, or there are too many
     */
    @Transactional(rollbackFor = FormRefused.class)
    public String make(long by, @Nullable String name, @Nullable String address) throws FormRefused {
        Typed typed = new Typed(new LinkedHashMap<>());
        String called = typed.required("name", name, LONGEST_NAME, Words.say("webhook.what-it-is"));
        String to = typed.required("address", address, LONGEST_ADDRESS, Words.say("webhook.its-address"));
        if (!to.isEmpty() && !to.equals(WebHook.SIMULATED) && !listens(to)) {
            typed.problem("address", Words.say("webhook.no-address"));
        }
        if (mapper.all().size() >= MOST) {
            typed.problem("name", Words.say("webhook.at-most", MOST));
        }
        if (!typed.problems().isEmpty()) {
            throw new FormRefused(typed.problems());
        }
        String secret = Secret.make(chance);
        mapper.insert(new WebHook(0, called, to, secret, by, clock.instant(), null));
        actions.tell(ActionAbout.WORKS, Words.say("webhook.action-made", called, to));
        return secret;
    }

    /** An address of the web with a host, and no password in it. */
    private static boolean listens(String typed) {
        try {
            URI address = new URI(typed);
            return ("http".equals(address.getScheme()) || "https".equals(address.getScheme()))
                    && address.getHost() != null
                    && address.getPort() <= HIGHEST_PORT
                    && address.getUserInfo() == null
                    && address.getFragment() == null;
        } catch (URISyntaxException e) {
            return false;
        }
    }

    @Transactional
    public void end(long id) {
        if (mapper.end(id, clock.instant()) > 0) {
            mapper.endEvents(id);
            String name = mapper.find(id).map(WebHook::name).orElse("");
            actions.tell(ActionAbout.WORKS, Words.say("webhook.action-ended", name));
        }
    }

    /** Sends one once more that nobody tries any more, or that waits. */
    @Transactional
    public void again(long event) {
        mapper.again(event, clock.instant());
    }

    /** In the transaction in which it is signed: what is signed is told, and nothing else is. */
    @Override
    public void signed(Docket docket, Signed signed) {
        List<WebHook> hooks = mapper.all();
        if (hooks.isEmpty()) {
            return;
        }
        Map<String, @Nullable Object> said = new LinkedHashMap<>();
        said.put("event", "docket.signed");
        said.put("docket", docket.number());
        said.put("document", signed.document());
        said.put("sha256", signed.sha256());
        said.put("drawing", docket.part().drawingNumber());
        said.put("revision", docket.part().revision());
        said.put("part", docket.part().title());
        said.put("serial", docket.serial());
        said.put("purpose", docket.purpose());
        said.put("outcome", docket.outcome().name());
        said.put("supersedes", docket.supersedes());
        said.put("signedBy", signed.by());
        said.put("signedAt", signed.at());
        said.put("read", "/api/v1/ledger/" + docket.number());
        String body = JsonMapper.shared().writeValueAsString(said);
        for (WebHook hook : hooks) {
            mapper.insertEvent(hook.id(), UUID.randomUUID().toString(), docket.number(), body, clock.instant());
        }
    }
}

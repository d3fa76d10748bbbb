package org.eskarn.app.ledger;

import java.util.List;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.page.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.util.UriComponentsBuilder;

/** Keeps each person’s saved views. */
@Service
public class SavedViews {

    private static final int MOST = 20;
    private static final int LONGEST_NAME = 60;
    private static final int LONGEST_QUERY = 600;

    private final LedgerMapper mapper;

    SavedViews(LedgerMapper mapper) {
        this.mapper = mapper;
    }

    @Transactional(readOnly = true)
    public List<SavedView> of(long person) {
        return mapper.views(person);
    }

    /**
     * Keeps a view; one of the same name is replaced.
     *
     * @throws FormRefused if it has no name that fits, or there are too many
     */
    @Transactional(rollbackFor = FormRefused.class)
    public void save(long person, String typed, LedgerQuery query) throws FormRefused {
        String name = typed.strip();
        String address = address(query);
        if (name.isEmpty() || name.length() > LONGEST_NAME || address.length() > LONGEST_QUERY) {
            throw new FormRefused("name", Words.say("ledger.name-the-view"));
        }
        List<SavedView> there = mapper.views(person);
        boolean replaces = there.stream().anyMatch(view -> view.name().equals(name));
        if (!replaces && there.size() >= MOST) {
            throw new FormRefused("name", Words.say("ledger.at-most-views", MOST));
        }
        there.stream().filter(view -> view.name().equals(name)).forEach(view -> mapper.removeView(view.id(), person));
        mapper.saveView(person, name, address);
    }

    @Transactional
    public void remove(long person, long id) {
        mapper.removeView(id, person);
    }

    private static String address(LedgerQuery query) {
        return UriComponentsBuilder.newInstance()
                .queryParam("find", "{find}")
                .queryParam("verdict", "{verdict}")
                .queryParam("since", "{since}")
                .queryParam("until", "{until}")
                .queryParam("exceptions", query.exceptions())
                .queryParam("questioned", query.questioned())
                .encode()
                .buildAndExpand(query.find(), query.outcome() == null ? "" : query.outcome(), query.from(), query.to())
                .toUriString();
    }
}

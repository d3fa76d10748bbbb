package org.eskarn.app.running;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.eskarn.app.account.Account;
import org.eskarn.app.account.AccountService;
import org.eskarn.app.docket.AttemptKind;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.docket.DocketService.Opening;
import org.eskarn.app.docket.ReadingSource;
import org.eskarn.app.docket.SetAsideCause;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.Step;
import org.eskarn.app.docket.work.EvidenceService;
import org.eskarn.app.docket.work.ReadingService;
import org.eskarn.app.docket.work.SetUpService;
import org.eskarn.app.docket.work.TypedReading;
import org.eskarn.app.docket.work.ZeroService;
import org.eskarn.app.gauge.Gauge;
import org.eskarn.app.gauge.GaugeService;
import org.eskarn.app.ledger.LedgerService;
import org.eskarn.app.part.PartService;
import org.eskarn.app.part.Preparation;
import org.eskarn.core.reading.EntryRejected;
import org.springframework.context.ApplicationContext;
import org.springframework.jdbc.core.simple.JdbcClient;

/** One requirement of a docket, worked through the services as people would; names are those they sign in with. */
public record Work(ApplicationContext beans, int number, int position) {

    /** A docket of its own for a part of the demo, opened by somebody. */
    public static Work open(ApplicationContext beans, String drawing, String revision, int position, String opener) {
        long part = beans.getBean(PartService.class)
                .byNumber(drawing, revision)
                .orElseThrow()
                .id();
        Work work = new Work(beans, 0, position);
        Opening opening = new Opening(part, "W-1", 1, 1, "final", "tests", Eskarn.later());
        return new Work(beans, beans.getBean(DocketService.class).open(opening, work.id(opener)), position);
    }

    public Work at(int other) {
        return new Work(beans, number, other);
    }

    public <T> T bean(Class<T> type) {
        return beans.getBean(type);
    }

    public Account account(String login) {
        return bean(AccountService.class).byLogin(login).orElseThrow();
    }

    public long id(String login) {
        return account(login).id();
    }

    public Docket docket() {
        return bean(DocketService.class).find(number).orElseThrow();
    }

    public SetUp setUp() {
        return docket().at(position).orElseThrow();
    }

    public int version() {
        return setUp().version();
    }

    public long gauge(String mark) {
        return bean(GaugeService.class).all().stream()
                .filter(gauge -> gauge.mark().equals(mark))
                .findFirst()
                .orElseThrow()
                .id();
    }

    public Work confirm(String by, Step... steps) throws DocketConflict {
        for (Step step : steps) {
            bean(SetUpService.class).confirm(number, position, step, version(), id(by));
        }
        return this;
    }

    /** Everything before the zero. */
    public Work prepare(String by) throws DocketConflict {
        return confirm(by, Step.REQUIRE, Step.GAUGE).ticked(by);
    }

    /** Every line of the preparation. */
    public Work ticked(String by) throws DocketConflict {
        for (Preparation line : setUp().requirement().preparations()) {
            bean(SetUpService.class).tick(number, position, line.id(), version(), id(by));
        }
        return this;
    }

    /** The zero, on the first master offered where one is asked. */
    public Work zero(String by) throws DocketConflict, EntryRejected {
        if (!setUp().onMaster()) {
            return confirm(by, Step.ZERO);
        }
        for (int gauge = 1; gauge <= setUp().sweep().gauges().size(); gauge++) {
            Gauge master = bean(ZeroService.class).masters(setUp()).get(0);
            bean(ZeroService.class).set(number, position, gauge, master.id(), "0", version(), id(by));
        }
        return this;
    }

    /** Readings from the next place on. */
    public Work read(String by, String typed) throws DocketConflict, EntryRejected {
        List<TypedReading> all = new ArrayList<>();
        long sweep = setUp().sweep().id();
        int first = setUp().sweep().nextPlace();
        for (String each : typed.split(" ")) {
            int place = first + all.size();
            all.add(new TypedReading(sweep, place, each, "w" + System.nanoTime(), ReadingSource.KEYPAD));
        }
        bean(ReadingService.class).takeAll(number, position, all, id(by));
        return this;
    }

    /** A whole sweep from the zero on, accepted as valid. */
    public Work sweep(String by, String typed) throws DocketConflict, EntryRejected {
        return zero(by).read(by, typed).confirm(by, Step.PROVE);
    }

    /** From the first step to an accepted verdict. */
    public Work judge(String by, String typed) throws DocketConflict, EntryRejected {
        return prepare(by).sweep(by, typed).confirm(by, Step.VERDICT);
    }

    public Work oneMore(String by) throws DocketConflict {
        bean(SetUpService.class).sweepAgain(number, position, version(), id(by));
        return this;
    }

    public Work begin(String by, AttemptKind kind, String correction) throws DocketConflict {
        bean(SetUpService.class).begin(number, position, kind, correction, version(), id(by));
        return this;
    }

    /** @param sweep counted from 1 within the present attempt */
    public Work setAside(String by, int sweep, SetAsideCause cause, String reason) throws DocketConflict {
        long id = setUp().attempt().sweeps().get(sweep - 1).id();
        bean(EvidenceService.class).setAside(number, position, id, Optional.of(cause), reason, version(), id(by));
        return this;
    }

    /** A gauge puts this one verdict in question, and no other that rests on it. */
    public void question(String gauge) {
        bean(JdbcClient.class)
                .sql("insert into question (set_up_id, gauge_id, error, error_unit, since, raised_by, raised_at)"
                        + " values (?, ?, 5, 'MICROMETRE', ?, ?, ?)")
                .params(
                        setUp().id(),
                        gauge(gauge),
                        LocalDate.now(bean(Clock.class)),
                        id("i.varn"),
                        bean(Clock.class).instant().atOffset(ZoneOffset.UTC))
                .update();
    }

    /** Leaves out whatever has no verdict yet. */
    public Work leaveOthersOut(String by) throws DocketConflict {
        for (SetUp other : docket().setUps()) {
            if (!other.settled()) {
                bean(SetUpService.class)
                        .leaveOut(
                                number,
                                other.requirement().position(),
                                Optional.empty(),
                                "not asked this time",
                                other.version(),
                                id(by));
            }
        }
        return this;
    }

    /** Leaves out whatever has no verdict yet, and signs. */
    public Work sign(String by, String remark) throws Exception {
        leaveOthersOut(by);
        LedgerService ledger = bean(LedgerService.class);
        ledger.sign(number, ledger.contentHash(docket()), remark, account(by));
        return this;
    }
}

using CsCheck;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Tests.Notation;

/// <summary>Random workouts that use every construct of the notation.</summary>
public static partial class WorkoutGen
{
    private static readonly Gen<int> Small = Gen.Int[1, 99];
    private static readonly Gen<bool> Coin = Gen.Bool;
    private static readonly Gen<Duration?> Time = Gen.Frequency(
        (9, Gen.Int[1, 3000].Select(s => (Duration?)Duration.Seconds(s))),
        (1, Gen.Const((Duration?)null))
    );
    private static readonly Gen<Number> Num = Gen.Frequency(
        (8, Gen.Int[0, 999_999].Select(n => (Number)n)),
        (3, Gen.Int[0, 9_999_999].Select(n => (Number)(n / 100m))),
        (1, Gen.Const(Number.Unset))
    );

    private static readonly Gen<Series> AnySeries = Gen.Select(
        Num.List[1, 4],
        Coin,
        Num,
        (terms, continues, last) => new Series(terms.ToEq(), continues, continues && terms.Count % 2 == 0 ? last : null)
    );

    private static readonly Gen<Pair> AnyPair = Gen.Select(AnySeries, AnySeries, Coin, (a, b, two) => new Pair(a, two ? b : null));
    private static readonly Gen<string> Movement = Pick.Of(
        "sit-up",
        "power clean",
        "Übung 3",
        "air bike",
        "mile run",
        "farmer's walk",
        "calf raise",
        "box jump-over",
        "eachers",
        "line hop"
    );
    private static readonly Gen<string> Label = Pick.Of("A", "B", "Part 2", "One", "Anchor 45+");
    private static readonly Gen<Who> AnyWho = Gen.OneOf(
        Pick.Of("Tideline", "Meadow", "man", "woman", "2nd", "round 2", "cycle 3", "Anchor 45+").Select(n => new Who([n])),
        Gen.Const(new Who(["Estuary", "woman"]))
    );

    private static readonly Gen<Eq<Who>> Names = AnyWho.List[1, 3].Select(l => l.ToEq());

    /// <summary>Another time for some, mostly for nobody.</summary>
    private static readonly Gen<Eq<TimeFor>> Others = Gen.Select(
        Names,
        Time.List[1, 2],
        Gen.Int[0, 3],
        (n, t, some) => some == 0 ? new[] { new TimeFor(n, t.ToEq()) }.ToEq() : []
    );
    private static readonly Gen<LengthUnit> Lengths = Gen.Enum<LengthUnit>();
    private static readonly Gen<MassUnit> Masses = Gen.Enum<MassUnit>();

    private static readonly Gen<Amount> Counted = Gen.Select(AnyPair, Gen.Enum<AmountUnit>(), (p, u) => (Amount)new Amount.Counted(p, u));
    private static readonly Gen<Amount> AnyAmount = Gen.OneOf(
        Counted,
        Gen.Enum<AmountUnit>().Select(u => (Amount)new Amount.Max(u)),
        Small.Select(n => (Amount)new Amount.Heaviest(n)),
        Gen.Const((Amount)new Amount.Heaviest(null)),
        Gen.Const((Amount)new Amount.Highest()),
        Gen.Int[1, 900].Select(s => (Amount)new Amount.Held(Duration.Seconds(s)))
    );

    private static readonly Gen<Rule> AnyRule = Gen.OneOf(
        Phrase.List[1, 3].Select(l => (Rule)new Rule.Share(l.ToEq())),
        AnyHold,
        Gen.Select(
            AnyLoad,
            Small,
            Gen.Int[0, 7],
            (l, w, s) =>
                (Rule)
                    new Rule.ReRig((s & 1) == 1 ? l : null, "the athlete", (s & 2) == 2 ? w : null, (s & 4) == 4)
                    {
                        Added = (s & 1) == 0 && w % 2 == 0 ? l with { Start = false } : null,
                    }
        ),
        Gen.Select(Gen.Enum<HelpAct>(), Gen.Int[0, 2], (a, v) => (Rule)new Rule.Help(a, "two crew", v == 0 ? null : (VoidedUnit)(v - 1))),
        Pick.Of("only the bar", "no chalk, please").Select(t => (Rule)new Rule.Touch(t)),
        Pick.Of("use the near rig", "ask: twice / once").Select(t => (Rule)new Rule.Remark(t))
    );

    /// <summary>An override says an amount, a movement, or details; a bare number followed by a movement that reads like a unit would be
    /// another sentence.</summary>
    private static readonly Gen<TaskLine> AnyTaskLine = Gen.OneOf(
        Gen.Select(
            Names,
            Gen.Int[0, 3],
            Gen.Int[0, 3],
            Counted,
            Movement,
            Details,
            (f, choose, when, a, m, d) =>
                (TaskLine)
                    new TaskLine.Override(
                        choose == 3 ? [] : f,
                        choose >= 2,
                        when == 0 ? null : (ChoiceTime)(when - 1),
                        (choose & 1) == 1 ? a : null,
                        (choose & 1) == 0 || d.Count == 0 ? m : null,
                        d
                    )
        ),
        Gen.Select(Coin, Counted, Movement, Details, (after, a, m, d) => (TaskLine)new TaskLine.Between(after, a, m, d)),
        Movement.Select(m => (TaskLine)new TaskLine.Attempt(m)),
        Gen.Select(Small, Movement, (n, m) => (TaskLine)new TaskLine.Then(n, m)),
        AnyRule.Select(r => (TaskLine)new TaskLine.RuleOf(r))
    );

    private static readonly Gen<Work.Task> AnyTask = Gen.Select(
        AnyAmount,
        Movement,
        Details,
        AnyTaskLine.List[0, 2],
        (a, m, d, l) => new Work.Task(a, m, d, l.ToEq())
    );

    private static Gen<Work> AnyWork(int depth) =>
        depth == 0
            ? AnyTask.Select(t => (Work)t)
            : Gen.Frequency(
                (4, AnyTask.Select(t => (Work)t)),
                (2, Gen.Select(Small, Coin, Block(depth - 1), (n, endless, b) => (Work)new Work.Rounds(endless ? null : n, b))),
                (1, OwnRounds(depth - 1)),
                (
                    2,
                    Gen.Select(
                        AnyPair,
                        AnyTask,
                        Movement,
                        Gen.Enum<AmountUnit>(),
                        (p, t, m, u) =>
                            (Work)new Work.Scheme(p, [t, new Work.Task(u == AmountUnit.Rep ? null : new Amount.OfScheme(u), m, [], [])])
                    )
                ),
                (
                    1,
                    Gen.Select(
                        Time,
                        Gen.Int[0, 2],
                        Block(depth - 1),
                        Block(depth - 1),
                        Gen.Int[0, 2],
                        (t, c, a, b, kept) =>
                            (Work)new Work.Every(t, c == 0 ? null : c == 1, a, b) { Counts = kept == 0 ? null : kept == 1 }
                    )
                ),
                (
                    1,
                    Gen.Select(
                        Time,
                        Gen.Int[0, 3],
                        Gen.Int[0, 2],
                        Block(depth - 1),
                        (t, c, kept, a) =>
                            (Work)
                                new Work.Every(t, c == 0 ? null : c == 1, a, [])
                                {
                                    EndsWork = c == 3,
                                    Counts = kept == 0 ? null : kept == 1,
                                }
                    )
                ),
                (
                    1,
                    Gen.Select(
                        AnyLoad,
                        AnyTask.List[1, 3],
                        AnyTaskLine.List[0, 2],
                        (l, t, o) => (Work)new Work.Complex([l, new Detail.Flag(FlagKind.LastBarRepeats)], t.ToEq(), o.ToEq())
                    )
                ),
                (1, Block(depth - 1).Select(b => (Work)new Work.AnyOrder(b))),
                (1, Block(depth - 1).Select(Coin, (b, two) => (Work)new Work.GroupOf("One", b) { Others = two ? ["Two"] : [] })),
                (1, Gen.Select(Time, Others, (t, o) => (Work)new Work.OwnRest(t) { Others = o })),
                (1, Gen.Select(Small, Coin, Time.List[1, 3], (r, only, t) => (Work)new Work.Gate(only ? r : null, t.ToEq()))),
                (1, Gen.Select(Small, Coin, (r, only) => (Work)new Work.Checkpoint("Deck", only ? r : null))),
                (1, AnyRule.Select(r => (Work)new Work.RuleLine(r)))
            );

    private static Gen<Eq<Work>> Block(int depth) => AnyWork(depth).List[1, 3].Select(l => l.ToEq());

    private static readonly Gen<Station> AnyStation = Block(1).Select(b => new Station("Bike 2", b));
    private static readonly Gen<Stage.Gap> AnyGap = Gen.Select(Coin, Time, (r, t) => new Stage.Gap(r, t));

    private static Gen<Stage> AnyStage(int depth) =>
        Gen.Select(StageBody(depth), Label, Coin, (s, l, has) => s with { Label = has ? l : null });

    private static Gen<Stage> StageBody(int depth) =>
        Gen.Frequency(
            (4, Gen.Select(Time, Gen.Enum<Goal>(), Block(2), Others, (t, g, b, o) => (Stage)new Stage.Window(t, g, b) { Others = o })),
            (
                2,
                Gen.Select(
                    Time,
                    Gen.Select(Label, Gen.Enum<Goal>(), Coin, Block(1), (l, g, left, b) => new Piece(l, g, left, b)).List[1, 2],
                    (t, p) => (Stage)new Stage.Clock(t, p.ToEq())
                )
            ),
            (1, AnyGap.Select(g => (Stage)g)),
            (
                1,
                depth == 0
                    ? AnyGap.Select(g => (Stage)g)
                    : Gen.Select(
                        Small,
                        AnyGap,
                        Coin,
                        AnyStage(depth - 1).List[1, 2],
                        (n, g, has, s) => (Stage)new Stage.Cycles(n, has ? g : null, s.ToEq())
                    )
            ),
            (
                1,
                Gen.Select(
                    Gen.Enum<Goal>(),
                    Time.List[1, 3],
                    Coin,
                    AnyGap,
                    Coin,
                    Block(1),
                    (g, t, each, gap, has, b) =>
                        (Stage)new Stage.Relay(g, each && t.Count == 1, t.ToEq(), has ? gap : null, b) { Continues = has != each }
                )
            ),
            (
                1,
                Gen.Select(
                    Gen.Enum<Goal>(),
                    Time,
                    Gen.Int[1, 900],
                    Small,
                    Gen.Int[0, 7],
                    AnyStation.List[1, 2],
                    (g, t, change, turns, s, st) =>
                        (Stage)
                            new Stage.Rota(
                                g,
                                t,
                                (s & 1) == 1 ? Duration.Seconds(change) : null,
                                (s & 2) == 2 ? turns : null,
                                (s & 4) == 4,
                                st.ToEq()
                            )
                )
            ),
            (
                1,
                Gen.Select(
                    Gen.Enum<Goal>(),
                    Time,
                    Names,
                    AnyRule,
                    AnyStation.List[1, 2],
                    (g, t, by, r, st) => (Stage)new Stage.Waves(g, t, Duration.Seconds(40), by, [new Work.RuleLine(r)], st.ToEq())
                )
            ),
            (
                1,
                Gen.Select(
                    Time,
                    Gen.Enum<Goal>(),
                    Coin,
                    AnyStation.List[1, 2],
                    (t, g, until, st) => (Stage)new Stage.SwapStations(t, g, "Bike", until ? "Row" : null, st.ToEq())
                )
            )
        );

    private static IReadOnlyList<Watch> Posts => [new(Watched.Work, null, 1), new(Watched.Hold, null, 2), new(Watched.Station, "Bike", 3)];

    private static readonly Gen<Header> AnyHeader = Gen.OneOf(
        Names.Select(n => (Header)new Header.For(n)),
        Gen.Enum<DutyOrder>().Select(d => (Header)new Header.Order(d)),
        Gen.Select(Names, Coin, (n, b) => (Header)new Header.Levels(n, b)),
        Gen.Const((Header)new Header.Groups([new Group("One", [1, 2]), new Group("Two", [])])),
        Time.Select(t => (Header)new Header.LeadIn(t)),
        Gen.Int[0, 1].Select(i => i == 0 ? "man" : "woman").List[0, 4].Select(d => (Header)new Header.Seats(d.ToEq())),
        Gen.Select(
            Gen.Int[0, 2].Select(i => new[] { "man", "woman", "mixed" }[i]).List[1, 3],
            Gen.Int[0, 2].Select(i => i == 0 ? (bool?)null : i == 1),
            (m, a) => (Header)new Header.Entries(m.ToEq(), a)
        ),
        Gen.Int[1, 3].Select(n => (Header)new Header.Judges([.. Posts.Take(n)])),
        Coin.Select(n => (Header)new Header.Video(n))
    );

    private static readonly Gen<ScoreLine> AnyScoreLine = Gen.OneOf(
        Gen.Select(Time, Gen.Enum<CountedAs>(), Coin, Coin, (t, c, m, own) => (ScoreLine)new ScoreLine.Penalty(t, c, m, own)),
        Gen.Enum<CountedAs>().Select(c => (ScoreLine)new ScoreLine.CapLine(c)),
        Gen.Select(Label, Coin, (l, n) => (ScoreLine)new ScoreLine.Cascade(l, n)),
        Gen.Const((ScoreLine)new ScoreLine.TieShared()),
        Gen.Const((ScoreLine)new ScoreLine.TieLowestMember()),
        Gen.Int[0, 2].Select(i => (ScoreLine)new ScoreLine.NoGoodLift((LifterWithout)i)),
        Gen.Enum<PartialDistance>().Select(p => (ScoreLine)new ScoreLine.Partial(p)),
        Label.Select(l => (ScoreLine)new ScoreLine.TieScore(l)),
        Gen.Select(Gen.Enum<Measure>(), Names, (m, n) => (ScoreLine)new ScoreLine.TieMeasure(m, n)),
        Gen.Select(
            Gen.Enum<TieMark>(),
            Small,
            (m, r) =>
                (ScoreLine)
                    new ScoreLine.TieTime(m, m is TieMark.Round or TieMark.Rep ? r : null)
                    {
                        Name =
                            m == TieMark.Checkpoint ? "Deck"
                            : m == TieMark.Rep ? "burpee"
                            : null,
                    }
        ),
        Num.Select(n => (ScoreLine)new ScoreLine.Weight(n))
    );

    private static readonly Gen<Score> AnyScore = Gen.Select(
        Label,
        Coin,
        Gen.Enum<Measure>(),
        Names,
        Coin,
        AnyScoreLine.List[0, 3],
        Gen.Select(Gen.Enum<SelectionOf>(), Gen.Int[0, 4]),
        (l, has, m, of, hasOf, lines, chosen) =>
            new Score(has ? l : null, m, hasOf ? of : [], lines.ToEq()) { Selection = Chosen(m, chosen.Item1, chosen.Item2) }
    );

    private static readonly Gen<Policy> AnyPolicy = Gen.OneOf(
        Gen.Select(Gen.Enum<VoidedUnit>(), Gen.Enum<BellWhen>(), (v, w) => (Policy)new Policy.Bell(v, w)),
        Coin.Select(c => (Policy)new Policy.GateOnSecond(c)),
        Gen.Select(Coin, Small, Coin, (b, n, all) => (Policy)new Policy.Attempts(b, all ? null : n)),
        Coin.Select(c => (Policy)new Policy.Clips(c)),
        Small.Select(n => (Policy)new Policy.Club(n)),
        Coin.Select(c => (Policy)new Policy.Waived(c ? "tie-unstated" : "load-ladder", "shared, on purpose")),
        Gen.Enum<TimeResolution>().Select(r => (Policy)new Policy.Timing(r)),
        Gen.Select(Names, Coin, (n, has) => (Policy)new Policy.Answered("dropping", has ? n : [], "only when settled")),
        Gen.Select(
            Names,
            Coin,
            (n, has) => (Policy)new Policy.ClauseOf("toes-to-bar", "toes-touch", has ? n : [], "Both feet touch, one after the other.")
        )
    );

    public static Gen<Workout> Any { get; } =
        Gen.Select(
            AnyHeader.List[0, 3],
            AnyStage(1).List[0, 3],
            AnyScore.List[0, 2],
            AnyPolicy.List[0, 2],
            Coin,
            (h, st, sc, p, note) =>
                new Workout("Title, any – “text” 1:00", h.ToEq(), st.ToEq(), sc.ToEq(), p.ToEq()) { Note = note ? "in brackets" : null }
        );
}

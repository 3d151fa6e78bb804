using CsCheck;
using FairCompass.Core.Competitions;
using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Outcomes.Desk;
using FairCompass.Outcomes.Incidents;
using FairCompass.Outcomes.Tables;
using FairCompass.Planning.Days;
using FairCompass.Planning.People;

namespace FairCompass.Core.Tests.Outcomes;

/// <summary>Tables, and what they say of themselves.</summary>
public class TablesTests
{
    private static readonly DateTime Noon = new(2027, 6, 12, 12, 0, 0, DateTimeKind.Utc);

    private static Guid Id(int n) => new(n, 0, 0, [0, 0, 0, 0, 0, 0, 0, 0]);

    private static ResultLine Line(
        int entry,
        int place,
        string text,
        ResultClass? cls = ResultClass.Scored,
        string? tie = null,
        long value = 0
    ) => new(Id(entry), place, text, tie, [], false, 1) { Class = cls, Result = cls is { } c ? new(c, value, [], text, tie, []) : null };

    private static ResultTable Table(string score, params ResultLine[] lines) =>
        new("Sport", score, [], [.. lines], lines.Count(l => l.Class is null), false);

    /// <summary>Overall against plain loops: points by place, sums, then the list of places from the best.</summary>
    [Fact]
    public void Overall_is_what_plain_loops_make_of_the_places()
    {
        Gen.Select(Gen.Int[2, 7], Gen.Int[1, 4], Gen.Int[0, 8].Array[28])
            .Sample(
                (entries, scores, places) =>
                {
                    var tables = Enumerable
                        .Range(0, scores)
                        .Select(s =>
                            (
                                Id(900 + s),
                                $"W{s}",
                                Table(
                                    "the score",
                                    [
                                        .. Enumerable
                                            .Range(0, entries)
                                            .Select(e =>
                                                places[(s * 7) + e] is > 0 and var p
                                                    ? Line(e, 1 + (p % entries), "1", p == 8 ? ResultClass.Withdrew : ResultClass.Scored)
                                                    : Line(e, 0, "", null)
                                            ),
                                    ]
                                )
                            )
                        )
                        .ToList();
                    var used = tables.Where(t => t.Item3.Lines.Any(l => l.Class is not null)).ToList();
                    var made = OverallTable.Of(tables, OverallRule.Usual, _ => "");
                    if (used.Count == 0)
                    {
                        Assert.Empty(made);
                        return;
                    }

                    int[] Of(int e) => [.. used.Select(t => t.Item3.Lines[e].Place)];
                    int Points(int e) => used.Sum(t => t.Item3.Lines[e] is { Class: ResultClass.Scored } l ? 101 - l.Place : 0);
                    int Compare(int a, int b)
                    {
                        if (Points(a) != Points(b))
                        {
                            return Points(b).CompareTo(Points(a));
                        }

                        var (x, y) = (
                            Of(a).Select(p => p == 0 ? 99 : p).Order().ToList(),
                            Of(b).Select(p => p == 0 ? 99 : p).Order().ToList()
                        );
                        return x.Zip(y).Select(p => p.First.CompareTo(p.Second)).FirstOrDefault(c => c != 0);
                    }

                    foreach (var row in made.Single().Rows)
                    {
                        var e = Enumerable.Range(0, entries).Single(i => Id(i) == row.Entry);
                        Assert.Equal(Points(e), row.Points);
                        Assert.Equal(1 + Enumerable.Range(0, entries).Count(o => Compare(o, e) < 0), row.Place);
                        Assert.Equal(Of(e).Count(p => p == 0), row.Without);
                    }
                }
            );
    }

    /// <summary>A score that all levels share counts overall in each level as if only those of that level had run it.</summary>
    [Fact]
    public void What_levels_share_is_ranked_anew_among_those_of_a_level() =>
        Gen.Select(Gen.Int[0, 6].Array[9], Gen.Int[0, 2].Array[9])
            .Sample(
                (scores, levels) =>
                {
                    string[] names = ["", "Great Bell", "Hand Bell"];
                    int PlaceAmong(int e, Func<int, bool> some) => 1 + Enumerable.Range(0, 9).Count(o => some(o) && scores[o] > scores[e]);
                    ResultTable Of(string score, string? level, Func<int, bool> some) =>
                        Table(score, [.. Enumerable.Range(0, 9).Where(some).Select(e => Line(e, PlaceAmong(e, some), "1"))]) with
                        {
                            Division = level is null ? "Sport" : $"Sport, {level}",
                            Level = level,
                        };
                    var shared = Of("shared", null, _ => true);
                    var own = names[1..].Select((n, i) => Of("own", n, e => levels[e] == i + 1)).Where(t => t.Lines.Count > 0).ToList();
                    var made = OverallTable.Of(
                        [(Id(900), "A", shared), .. own.Select(t => (Id(901), "B", t))],
                        OverallRule.Usual,
                        e => names[levels[e.ToByteArray()[0]]]
                    );
                    foreach (var table in own)
                    {
                        var overall = made.Single(o => o.Division == table.Division);
                        Assert.Equal(table.Lines.Select(l => l.Entry).Order(), overall.Rows.Select(r => r.Entry).Order());
                        foreach (var row in overall.Rows)
                        {
                            var e = row.Entry.ToByteArray()[0];
                            var place = PlaceAmong(e, o => levels[o] == levels[e]);
                            Assert.Equal([place, place], row.Places);
                        }
                    }
                }
            );

    [Fact]
    public void Clubs_count_the_best_of_their_own_and_nobody_of_two_gyms()
    {
        var overall = OverallTable.Of(
            [(Id(1), "W", Table("the score", [.. Enumerable.Range(1, 6).Select(i => Line(i, i, "1"))]))],
            OverallRule.Usual,
            _ => ""
        );
        var gyms = new Dictionary<Guid, string?>
        {
            [Id(1)] = "A",
            [Id(2)] = "B",
            [Id(3)] = "B",
            [Id(4)] = "A",
            [Id(5)] = "A",
            [Id(6)] = null,
        };
        var clubs = OverallTable.Clubs(overall, ResultRules.Usual with { ClubBest = 2 }, e => gyms[e]);
        Assert.Equal([("A", 1, 197m), ("B", 1, 197m)], clubs.Select(c => (c.Club, c.Place, c.Points)));
        Assert.Empty(OverallTable.Clubs(overall, ResultRules.Usual with { Clubs = null }, e => gyms[e]));
    }

    private static EntryRun Run(int entry, bool entered = true, bool isChecked = true, bool differs = false) =>
        new(
            new(Id(entry), "Sport", "T", "", null, EntryState.In, []),
            entered ? new(EntryStatus.Ran, []) : null,
            null!,
            1,
            isChecked,
            differs,
            entered ? Noon : null
        );

    private static Incident Incident(int entry, IncidentDecision? decision = null, int number = 4, Guid? heat = null) =>
        new(
            number,
            new(IncidentKind.Protest, Id(900), heat, [Id(entry)], "So.", "", null),
            null,
            Noon,
            decision is null ? [] : [new(1, number, null, decision, null, Noon)]
        );

    private static Standing Standing(
        IReadOnlyList<EntryRun> runs,
        IReadOnlyList<Incident> incidents,
        SecondEntry second,
        int minutes,
        int noCard = 0
    ) =>
        FairCompass.Outcomes.Tables.Standing.Of(
            "Sport",
            [Table("the score", Line(1, 1, "9"), Line(2, 2, "8"), Line(3, 3, "7"), Line(4, 4, "6"))],
            runs,
            noCard,
            incidents,
            ResultRules.Usual with
            {
                SecondEntry = second,
            },
            null,
            Noon.AddMinutes(minutes)
        );

    [Fact]
    public void Results_are_provisional_until_all_is_there_then_protested_then_ready()
    {
        var all = new[] { Run(1), Run(2), Run(3), Run(4, isChecked: false) };
        Assert.Equal(StandingState.ProtestTime, Standing(all, [], SecondEntry.Podium, 14).State);
        Assert.Equal(StandingState.Ready, Standing(all, [], SecondEntry.Podium, 15).State);
        Assert.Equal(["1 card to be typed by a second person."], Standing(all, [], SecondEntry.All, 60).Open);
        Assert.Equal(["1 card not entered."], Standing([.. all[..3], Run(4, entered: false)], [], SecondEntry.None, 60).Open);
        Assert.Null(Standing([.. all[..3], Run(4, entered: false)], [], SecondEntry.None, 60).ProtestUntil);
        Assert.Equal(
            ["1 card on which two entries differ."],
            Standing([.. all[..3], Run(4, differs: true)], [], SecondEntry.None, 60).Open
        );
        Assert.Equal(["2 runs without a card."], Standing(all, [], SecondEntry.None, 60, 2).Open);
        Assert.Equal(["Incident 4 is not decided."], Standing(all, [Incident(2)], SecondEntry.None, 60).Open);
        // One of another division, and one that is decided, are in nobody’s way.
        var decided = Incident(2, new(IncidentOutcome.Stands, "No.", "", []));
        Assert.Equal(StandingState.Ready, Standing(all, [Incident(77), decided], SecondEntry.None, 60).State);
    }

    [Fact]
    public void What_was_made_final_stays_and_says_when_the_numbers_are_others_by_now()
    {
        var kept = Table("the score", Line(1, 1, "9"), Line(2, 2, "8"));
        FinalFact Final(string code) => new(1, Id(900), "Sport", code, code == "" ? [] : [kept], code == "" ? "why" : "", "Head", Noon);
        Standing Of(FinalFact final, ResultTable now) =>
            FairCompass.Outcomes.Tables.Standing.Of("Sport", [now], [Run(1), Run(2)], 0, [Incident(1)], ResultRules.Usual, final, Noon);
        Assert.False(Of(Final("7K2M-9QXR-4"), kept with { Mixed = true }).Changed);
        Assert.True(Of(Final("7K2M-9QXR-4"), Table("the score", Line(2, 1, "10"), Line(1, 2, "9"))).Changed);
        Assert.Equal(StandingState.Final, Of(Final("7K2M-9QXR-4"), kept).State);
        Assert.Equal(StandingState.Provisional, Of(Final(""), kept).State);
    }

    [Fact]
    public void Why_names_who_is_before_and_behind_and_what_decided()
    {
        var table = Table(
            "the score",
            Line(1, 1, "7:30", value: 450),
            Line(2, 2, "7:41", tie: "2:10", value: 461),
            Line(3, 3, "7:41", tie: "2:20", value: 461),
            Line(4, 3, "7:41", tie: "2:20", value: 461),
            Line(5, 5, "80 of 120 at the cap", ResultClass.AtTheCap),
            Line(6, 0, "", null)
        );
        Eq<string> Why(int e) => WhyPlace.Of(table, Id(e), g => $"No. {g.ToByteArray()[0]}");
        Assert.Equal(
            [
                "3rd of 5, with 7:41.",
                "It shares the place with No. 4: the score is the same, and the tie-break leaves them level too.",
                "Before it stands No. 2, level at 7:41, by the tie-break: 2:10 against 2:20.",
                "Behind it stands No. 5, a score (7:41) before the work at the cap (80 of 120 at the cap).",
                "1 card of this division not entered yet: the place may change.",
            ],
            Why(3)
        );
        Assert.Equal("Before it stands No. 1, 7:30 against 7:41.", Why(2)[1]);
        Assert.Equal(["Its card is not entered, so it has no place yet."], Why(6));
        Assert.Empty(Why(7));
    }

    [Fact]
    public void The_last_decision_of_an_incident_is_what_counts()
    {
        var run = new RunObservation(EntryStatus.Ran, []);
        var penalty = new IncidentDecision(IncidentOutcome.Adjusted, "Left the lane.", "3.4", [new("score A", new Duration(10_000), null)]);
        var one = Incident(1, penalty);
        Assert.Equal(
            [new Adjustment("score A", new Duration(10_000), null, "Incident 4: Left the lane. Rule: 3.4.")],
            ScoreChanges.On(run, Id(900), Id(1), [one]).Adjustments
        );
        Assert.Same(run, ScoreChanges.On(run, Id(900), Id(2), [one]));
        Assert.Same(run, ScoreChanges.On(run, Id(901), Id(1), [one]));
        var facts = new List<IncidentFact>
        {
            new(1, 4, one.Report, null, null, Noon),
            new(2, 4, null, penalty, null, Noon),
            new(3, 4, null, new(IncidentOutcome.Stands, "It was not so.", "", []), null, Noon),
        };
        Assert.Same(run, ScoreChanges.On(run, Id(900), Id(1), FairCompass.Outcomes.Incidents.Incident.Of(facts)));
    }

    [Fact]
    public void Who_ran_in_the_same_heat_is_named_until_they_have_a_like_decision()
    {
        var heat = Id(50);
        var plan = Plan.Empty with
        {
            Heats =
            [
                new Heat(
                    heat,
                    Id(60),
                    1,
                    default,
                    600,
                    0,
                    0,
                    [.. Enumerable.Range(1, 3).Select(i => new LanePost(i, Id(i), [], false))],
                    false,
                    HeatState.Run
                ),
            ],
        };
        var granted = new IncidentDecision(IncidentOutcome.RunsAgain, "The rig moved.", "", []);
        var one = Incident(1, granted, heat: heat);
        Assert.Equal([Id(2), Id(3)], SameHeat.Of(one, plan, [one]));
        Assert.Equal([Id(3)], SameHeat.Of(one, plan, [one, Incident(2, granted, 5, heat)]));
        Assert.Empty(SameHeat.Of(Incident(1, new(IncidentOutcome.Stands, "No.", "", []), heat: heat), plan, []));
    }

    [Fact]
    public void Who_moves_is_who_has_another_place_or_score()
    {
        var (now, then) = (
            Table("s", Line(1, 1, "9"), Line(2, 2, "8"), Line(3, 3, "7")),
            Table("s", Line(2, 1, "10"), Line(1, 2, "9"), Line(3, 3, "7"))
        );
        Assert.Equal([(Id(2), 2, 1), (Id(1), 1, 2)], TableMoves.Of([now], [then]).Select(m => (m.Entry, m.Place, m.ThenPlace)));
        Assert.Empty(TableMoves.Of([now], [now]));
    }

    /// <summary>Letters are read as they were written, one for all rounds or one for each.</summary>
    [Fact]
    public void Letters_of_options_are_read_as_they_are_written()
    {
        var option = new CardOption("1", 2, "", ["A", "B", "C"], 20);
        Gen.Int[0, 2]
            .Array[1, 20]
            .Sample(ways =>
            {
                var text = string.Concat(ways.Select(w => (char)('A' + w)));
                var read = option.Read(string.Join(' ', text.ToLowerInvariant().ToCharArray()))!;
                Assert.Equal(text, option.Letters([.. read]));
            });
        Assert.Null(option.Read("AD"));
        Assert.Null((option with { Rounds = 1 }).Read("AB"));
        Assert.Equal([new Chosen("1", 2, 1, null)], option.Read("b"));
    }
}

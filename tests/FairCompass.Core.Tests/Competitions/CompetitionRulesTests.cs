using FairCompass.Core.Competitions;
using FairCompass.Core.InForce;
using FairCompass.Core.Policies;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;

namespace FairCompass.Core.Tests.Competitions;

/// <summary>Every objection to a competition stands at its field, and the last value that is still taken is taken.</summary>
public class CompetitionRulesTests
{
    private static Competition Demo => Tests.Demo.Competition;

    private static Func<Competition, Competition> Kit(Func<LaneKit, LaneKit> change) => c => c with { Kit = change(c.Kit) };

    private static Func<Competition, Competition> House(params ClauseChange[] rules) => c => c with { HouseRules = rules.ToEq() };

    private static Func<Competition, Competition> Policies(params PolicyChoice[] choices) => c => c with { Policies = choices.ToEq() };

    private static ClauseChange Chin => new("pull-up", "chin") { Text = new("The chin passes the bar.") };

    public static TheoryData<string, string, Func<Competition, Competition>> Refused =>
        new()
        {
            { "name", "A name is needed.", c => c with { Name = " " } },
            { "name", "At most 120", c => c with { Name = new string('x', 121) } },
            { "place", "At most 200", c => c with { Place = new string('x', 201) } },
            { "place", "reading direction", c => c with { Place = "Hall\u202E" } },
            { "ends", "before the first", c => c with { Ends = c.Starts.AddDays(-1) } },
            { "ends", "at most 60 days", c => c with { Ends = c.Starts.AddDays(61) } },
            {
                "divisions",
                "At most 60",
                c => c with { Divisions = Enumerable.Range(0, 61).Select(i => c.Divisions[0] with { Name = "D" + i }).ToEq() }
            },
            {
                "divisions[6].name",
                "already",
                c => c with { Divisions = [.. c.Divisions, c.Divisions[0] with { Name = "TIDELINE", InheritsFrom = null }] }
            },
            {
                "divisions[6].name",
                "place in the team",
                c => c with { Divisions = [.. c.Divisions, c.Divisions[0] with { Name = "2nd", InheritsFrom = null }] }
            },
            {
                "divisions[0].duties",
                "One or two",
                c => c with { Divisions = [c.Divisions[0] with { Duties = [] }, .. c.Divisions.Skip(1)] }
            },
            {
                "divisions[0].duties",
                "One or two",
                c => c with { Divisions = [c.Divisions[0] with { Duties = ["man", "man"] }, .. c.Divisions.Skip(1)] }
            },
            {
                "divisions[0].duties",
                "One or two",
                c => c with { Divisions = [c.Divisions[0] with { Duties = ["boy"] }, .. c.Divisions.Skip(1)] }
            },
            {
                "divisions[0].inheritsFrom",
                "no division called Harbour",
                c => c with { Divisions = [c.Divisions[0] with { InheritsFrom = "Harbour" }, .. c.Divisions.Skip(1)] }
            },
            { "kit.menBar", "From 1 to 120", Kit(k => k with { MenBar = 0.9m }) },
            { "kit.womenBar", "From 1 to 120", Kit(k => k with { WomenBar = 120.1m }) },
            { "kit.clipPair", "From 0 to 10", Kit(k => k with { ClipPair = -1 }) },
            { "kit.clipPair", "four decimals", Kit(k => k with { ClipPair = 0.00001m }) },
            { "kit.plates[0].mass", "From 0.1 to 220", Kit(k => k with { Plates = [new(0, 2, true)] }) },
            { "kit.plates[0].count", "From 0 to 100", Kit(k => k with { Plates = [new(20, 101, true)] }) },
            { "kit.plates[1].mass", "already listed", Kit(k => k with { Plates = [new(20, 2, true), new(20.0m, 2, true)] }) },
            {
                "kit.plates",
                "At most 20",
                Kit(k => k with { Plates = Enumerable.Range(1, 21).Select(i => new PlateStock(i, 2, false)).ToEq() })
            },
            {
                "kit.dumbbells",
                "At most 60",
                Kit(k => k with { Dumbbells = Enumerable.Range(1, 61).Select(i => new ImplementStock(i)).ToEq() })
            },
            { "kit.balls[1]", "already listed", Kit(k => k with { Balls = [6, new(6, 2)] }) },
            { "kit.balls[0].count", "From 1 to 100", Kit(k => k with { Balls = [new(6, 0)] }) },
            { "kit.kettlebells[1]", "From 0.1 to 660", Kit(k => k with { Kettlebells = [16, 0] }) },
            { "kit.sandbags[0]", "From 0.1 to 660", Kit(k => k with { Sandbags = [661] }) },
            { "kit.balls[0]", "From 0.1 to 660", Kit(k => k with { Balls = [-6] }) },
            { "overall.points.points[1]", "earn more", c => c with { Overall = new(new PointsRule.ByTable([10, 11])) } },
            { "policies[0].topic", "no topic", Policies(new PolicyChoice("dropping the subject", "never")) },
            { "policies[0].answer", "say one of", Policies(new PolicyChoice("on the line", "sideways")) },
            {
                "policies[0].division",
                "no division",
                Policies(new PolicyChoice("on the line", Topics.Find("on the line")!.Schools[0].Name, "Harbour"))
            },
            {
                "policies[1].topic",
                "twice",
                Policies(
                    new PolicyChoice("on the line", Topics.Find("on the line")!.Schools[0].Name),
                    new PolicyChoice("On the line", Topics.Find("on the line")!.Schools[1].Name)
                )
            },
            {
                "policies[1].topic",
                "twice for meadow",
                Policies(
                    new PolicyChoice("on the line", Topics.Find("on the line")!.Schools[0].Name, "Meadow"),
                    new PolicyChoice("on the line", Topics.Find("on the line")!.Schools[0].Name, "meadow")
                )
            },
            { "policies", "too many", Policies([.. Enumerable.Repeat(new PolicyChoice("on the line", "in"), 401)]) },
            { "houseRules", "too many", House([.. Enumerable.Repeat(Chin, 401)]) },
            { "houseRules[0].movement", "no movement", House(Chin with { Movement = "moonwalk" }) },
            { "houseRules[0].division", "no division", House(Chin with { Division = "Harbour" }) },
            { "houseRules[1].clause", "twice; only one", House(Chin, Chin with { Text = new("Otherwise.") }) },
            { "houseRules[1].clause", "twice for Meadow", House(Chin with { Division = "Meadow" }, Chin with { Division = "Meadow" }) },
            { "houseRules[0].clause", "has no clause", House(Chin with { Clause = "own", Text = null }) },
            { "houseRules[0].clause", "has no clause", House(Chin with { Clause = "own", DoesNotApply = true }) },
            { "houseRules[0].clause", "lower-case", House(Chin with { Clause = "Own Rule" }) },
            { "houseRules[0].then", "each judge decides alone", House(Chin with { Clause = "own", Sign = new("The chin stays low.") }) },
            { "houseRules[0].text", "missing", House(Chin with { Text = new(" ") }) },
            { "houseRules[0].sign", "At most 300", House(Chin with { Sign = new(new string('x', 301)) }) },
            { "houseRules[0].call", "At most 300", House(Chin with { Call = new("No rep", new string('x', 301)) }) },
            { "houseRules[0].athlete", "Control characters", House(Chin with { Athlete = new("Again", "Otra\u0007") }) },
            { "ownMovements", "too many", c => c with { OwnMovements = Enumerable.Repeat(Own("Lane crawl"), 101).ToEq() } },
            { "ownMovements[1].name.english", "Another movement", c => c with { OwnMovements = [Own("Lane crawl"), Own("Lane crawl")] } },
            { "ownMovements[0].id", "lower-case", c => c with { OwnMovements = [Own("Lane crawl") with { Id = "Lane Crawl" }] } },
            {
                "ownMovements[0].name.english",
                "A name is needed",
                c => c with { OwnMovements = [Own("Lane crawl") with { Name = new("") }] }
            },
            {
                "ownMovements[0].clauses[1].id",
                "same id",
                c =>
                    c with
                    {
                        OwnMovements =
                        [
                            Own("Lane crawl") is var m ? m with { Clauses = [m.Clauses[0], m.Clauses[0], .. m.Clauses.Skip(1)] } : null!,
                        ],
                    }
            },
            {
                "ownMovements[0].faults[0].breaks",
                "to break",
                c =>
                    c with
                    {
                        OwnMovements =
                        [
                            Own("Lane crawl") is var m
                                ? m with
                                {
                                    Faults = [m.Faults[0] with { Breaks = "moon" }, .. m.Faults.Skip(1)],
                                }
                                : null!,
                        ],
                    }
            },
            {
                "ownMovements[0].clauses",
                "At most 80",
                c =>
                    c with
                    {
                        OwnMovements =
                        [
                            Own("Lane crawl") is var m
                                ? m with
                                {
                                    Clauses = Enumerable
                                        .Range(0, 81)
                                        .Select(i => m.Clauses[0] with { Id = "c" + i })
                                        .Concat(m.Clauses)
                                        .ToEq(),
                                }
                                : null!,
                        ],
                    }
            },
        };

    [Theory]
    [MemberData(nameof(Refused))]
    public void What_cannot_be_taken_is_refused_at_its_field(string path, string part, Func<Competition, Competition> change) =>
        Assert.Contains(CompetitionRules.Validate(change(Demo)), e => e.Path == path && e.Message.Contains(part, StringComparison.Ordinal));

    public static TheoryData<string, Func<Competition, Competition>> Taken =>
        new()
        {
            { "the longest names", c => c with { Name = new string('x', 120), Place = new string('x', 200) } },
            { "no place", c => c with { Place = "" } },
            { "one day", c => c with { Ends = c.Starts } },
            { "sixty days more", c => c with { Ends = c.Starts.AddDays(60) } },
            {
                "sixty divisions",
                c => c with { Divisions = Enumerable.Range(0, 60).Select(i => c.Divisions[0] with { Name = "D" + i }).ToEq() }
            },
            { "the lightest and the heaviest bar", Kit(k => k with { MenBar = 120, WomenBar = 1 }) },
            { "no plates", Kit(k => k with { Plates = [] }) },
            { "plates that are there but not used", Kit(k => k with { Plates = [new(20, 0, true)] }) },
            { "two plates of nearly one mass", Kit(k => k with { Plates = [new(20, 2, true), new(20.4117m, 2, true)] }) },
            {
                "one policy for all and another for a division",
                Policies(
                    new PolicyChoice("on the line", Topics.Find("on the line")!.Schools[0].Name),
                    new PolicyChoice("on the line", Topics.Find("on the line")!.Schools[1].Name, "Meadow")
                )
            },
            { "a clause reworded for all and for one division", House(Chin, Chin with { Division = "Meadow" }) },
            { "a clause left out", House(Chin with { Text = null, DoesNotApply = true }) },
            {
                "an own clause with its consequence",
                House(Chin with { Clause = "own", Sign = new("The chin stays low."), Then = Consequence.RepeatTheRep })
            },
            { "the longest sentence", House(Chin with { Text = new(new string('x', 300)) }) },
            {
                "another call of a fault that has its consequence",
                House(Chin with { Sign = new("The chin stays below the bar."), Call = new("No rep, low") })
            },
            { "an own movement", c => c with { OwnMovements = [Own("Lane crawl")] } },
        };

    [Theory]
    [MemberData(nameof(Taken))]
    public void What_is_just_within_the_limits_is_taken(string what, Func<Competition, Competition> change) =>
        Assert.True(CompetitionRules.Validate(change(Demo)) is [], what);

    private static Movement Own(string name) => OwnMovements.From(MovementLibrary.ById("bear-crawl")!, name, StandardsBook.Of(Demo));
}

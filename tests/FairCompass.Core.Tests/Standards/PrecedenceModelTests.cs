using CsCheck;
using FairCompass.Core.Competitions;
using FairCompass.Core.Drafts;
using FairCompass.Core.InForce;
using FairCompass.Core.Languages;
using FairCompass.Core.Policies;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Tests.Standards;

/// <summary>
/// Who has the last word on a clause. The model is a list from the farthest to the nearest, and the last that speaks holds: library,
/// policy of the competition, its policy for the division, policy line of the workout, its line for the division, house rule, house rule
/// for the division, clause line of the workout, its line for the division, the line under the task.
/// </summary>
public class PrecedenceModelTests
{
    private static readonly string[] Divisions = ["Tideline", "Estuary", "Meadow"];

    /// <summary>The wording of one level: for everybody or one division; null when the level says nothing.</summary>
    private sealed record Said(string? Everybody, string? Division, string Of);

    private static Gen<Said> Level(string name) =>
        Gen.Select(Gen.Bool, Gen.Bool, Gen.Int[0, Divisions.Length - 1])
            .Select((all, one, d) => new Said(all ? name + " for all" : null, one ? name + " for one" : null, Divisions[d]));

    private static readonly Topic Topic = Topics.Find("bottom of the hang")!;

    /// <summary>Two schools that say the clause differently; the library says it as a third.</summary>
    private static readonly School[] Schools = Topic.Schools.Where(s => s.Name != Topic.Default).Take(2).ToArray();

    private static string School(string? said) =>
        said is null ? ""
        : said.EndsWith("all", StringComparison.Ordinal) ? Schools[0].Name
        : Schools[^1].Name;

    /// <summary>What a school alone makes of the clause.</summary>
    private static string Wording(School school) =>
        StandardsBook
            .Of(Demo.Competition with { Policies = [new(Topic.Name, school.Name)] })
            .InForce(MovementLibrary.ById("toes-to-bar")!)
            .Clauses.Single(c => c.Id == "heels-behind")
            .Text.English;

    private static IEnumerable<PolicyChoice> Choices(Said of) =>
        [
            .. of.Everybody is { } all ? [new PolicyChoice(Topic.Name, School(all))] : (PolicyChoice[])[],
            .. of.Division is { } one ? [new PolicyChoice(Topic.Name, School(one), of.Of)] : (PolicyChoice[])[],
        ];

    private static IEnumerable<ClauseChange> Rules(Said of) =>
        [
            .. of.Everybody is { } all ? [new ClauseChange("toes-to-bar", "heels-behind") { Text = new(all + ".") }] : (ClauseChange[])[],
            .. of.Division is { } one
                ? [new ClauseChange("toes-to-bar", "heels-behind", of.Of) { Text = new(one + ".") }]
                : (ClauseChange[])[],
        ];

    private static string Lines(Said of, Func<string?, string, string> line) =>
        (of.Everybody is { } all ? line(null, all) : "") + (of.Division is { } one ? line(of.Of, one) : "");

    private static string For(string? division) => division is null ? "" : $", for {division}";

    [Fact]
    public void The_nearest_word_holds_for_everybody_and_for_each_division() =>
        Gen.Select(Level("policy"), Level("policy line"), Level("house rule"), Level("clause line"), Gen.Bool)
            .Sample(
                (policy, policyLine, house, clauseLine, here) =>
                {
                    var competition = Demo.Competition with { Policies = Choices(policy).ToEq(), HouseRules = Rules(house).ToEq() };
                    var text =
                        "T\n  for Tideline, Estuary, Meadow\n  a/b is man/woman\n\n9:00 for reps\n  5 toes-to-bar\n"
                        + (here ? "    standard heels-behind: here.\n" : "")
                        + "\nscore: reps\n  tie: shared\n"
                        + Lines(policyLine, (d, said) => $"policy {Topic.Name}{For(d)}: {School(said)}\n")
                        + Lines(clauseLine, (d, said) => $"standard toes-to-bar, heels-behind{For(d)}: {said}.\n");
                    var u = Understanding.Of(competition, text);
                    Assert.True(u.Parsed.Problems.Count == 0, text + string.Join("; ", u.Parsed.Problems.Select(p => p.Sentence)));
                    var task = WorkTree.Tasks(u.Workout).Single();
                    var book = StandardsBook.Of(competition);
                    foreach (var division in (string?[])[null, .. Divisions])
                    {
                        string? Word(Said level, Func<string, string> wording) =>
                            division is not null && level.Of == division && level.Division is { } own ? wording(own)
                            : level.Everybody is { } all ? wording(all)
                            : null;
                        string Of(string said) => Wording(Topic.Find(School(said))!);
                        var library = MovementLibrary.ById("toes-to-bar")!.Clauses.Single(c => c.Id == "heels-behind").Text.English;
                        var whole =
                            Word(clauseLine, s => s + ".")
                            ?? Word(house, s => s + ".")
                            ?? Word(policyLine, Of)
                            ?? Word(policy, Of)
                            ?? library;
                        string Now(Work.Task? place) =>
                            book.InForce(book.Find("toes-to-bar")!, division, u.Workout, place)
                                .Clauses.Single(c => c.Id == "heels-behind")
                                .Text.English;
                        Assert.Equal(whole, Now(null));
                        Assert.Equal(here ? "here." : whole, Now(task));
                    }
                }
            );

    [Fact]
    public void A_word_for_one_division_changes_no_other() =>
        Gen.Select(Level("house rule"), Gen.Int[0, MovementLibrary.All.Count - 1], Gen.Int[0, 1000])
            .Sample(
                (level, which, clause) =>
                {
                    var movement = MovementLibrary.All[which];
                    var changed = movement.Clauses[clause % movement.Clauses.Count].Id;
                    var competition = Demo.Competition with
                    {
                        HouseRules = [new(movement.Id, changed, level.Of) { Text = new("Another wording.") }],
                    };
                    var book = StandardsBook.Of(competition);
                    foreach (var division in Divisions)
                    {
                        var now = book.InForce(movement, division);
                        if (division == level.Of)
                        {
                            Assert.Equal("Another wording.", now.Clauses.Single(c => c.Id == changed).Text.English);
                            Assert.Equal(Source.HouseRule, now.Clauses.Single(c => c.Id == changed).From.By);
                            Assert.Equal(movement.Clauses.Where(c => c.Id != changed), now.Clauses.Where(c => c.Id != changed));
                        }
                        else
                        {
                            Assert.Equal(movement, now);
                        }
                    }

                    Assert.Equal(movement, book.InForce(movement));
                }
            );
}

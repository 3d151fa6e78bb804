using FairCompass.Core.Competitions;
using FairCompass.Core.InForce;
using FairCompass.Core.Policies;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;

namespace FairCompass.Core.Tests.Standards;

/// <summary>
/// Every movement under every pair of answers: nothing it says takes back something else, every sign can be seen from the post, and each
/// call has one meaning. Answers that do not touch a movement change nothing of it, so only those that do are paired.
/// </summary>
public class ConsistencyTests
{
    private static readonly Competition Plain = Demo.Competition with { Policies = [], HouseRules = [] };

    public static TheoryData<string> Ids => new(MovementLibrary.All.Concat(MovementLibrary.Rules).Select(m => m.Id));

    private static IEnumerable<(string Answers, Movement Movement)> Ways(string id)
    {
        var movement = MovementLibrary.ById(id)!;
        var clauses = movement.Clauses.Select(c => c.Id).ToHashSet();
        var answers = Topics
            .All.Where(t => t.Schools.Any(s => s.Affects.Any(clauses.Contains)))
            .SelectMany(t => t.Schools.Select(s => new PolicyChoice(t.Name, s.Name)))
            .ToList();
        yield return ("", movement);
        foreach (var one in answers)
        {
            yield return (one.Answer, Under(movement, one));
            foreach (var other in answers.SkipWhile(a => a != one).Where(a => a.Topic != one.Topic))
            {
                yield return ($"{one.Topic}: {one.Answer}; {other.Topic}: {other.Answer}", Under(movement, one, other));
            }
        }
    }

    private static Movement Under(Movement movement, params PolicyChoice[] answers) =>
        StandardsBook.Of(Plain with { Policies = answers.ToEq() }).InForce(movement);

    [Theory]
    [MemberData(nameof(Ids))]
    public void Every_sign_is_seen_from_the_post(string id) =>
        Assert.All(
            Ways(id),
            way =>
                Assert.All(
                    way.Movement.Faults,
                    f =>
                        Assert.True(Perceivable.FromPost(way.Movement.Judge, f), $"{way.Answers}: {f.Sign} from {way.Movement.Judge.Place}")
                )
        );

    [Theory]
    [MemberData(nameof(Ids))]
    public void One_call_asks_for_one_thing(string id) =>
        Assert.All(
            Ways(id),
            way =>
                Assert.All(
                    way.Movement.Faults.GroupBy(f => f.Call.English),
                    calls =>
                        Assert.True(
                            calls.Select(f => f.Then).Distinct().Count() == 1 && (calls.Count() == 1 || calls.Key == "Break"),
                            $"{way.Answers}: {calls.Key}"
                        )
                )
        );

    [Theory]
    [MemberData(nameof(Ids))]
    public void Each_fault_breaks_a_rule_that_is_there_and_each_judged_rule_has_a_fault(string id) =>
        Assert.All(
            Ways(id),
            way =>
            {
                Assert.All(way.Movement.Faults, f => Assert.Contains(way.Movement.Clauses, c => c.Id == f.Breaks));
                Assert.All(
                    way.Movement.Clauses.Where(c => c.Kind is ClauseKind.Required or ClauseKind.Forbidden && c.Phase != Phase.SetUp),
                    c => Assert.Contains(way.Movement.Faults, f => f.Breaks == c.Id)
                );
                Assert.All(
                    way.Movement.Clauses.Where(c => c.Kind == ClauseKind.Allowed),
                    c => Assert.DoesNotContain(way.Movement.Faults, f => f.Breaks == c.Id)
                );
            }
        );

    /// <summary>Two rules about the same part, the same reference, in the same phase, ask for the same of it.</summary>
    [Theory]
    [MemberData(nameof(Ids))]
    public void No_rule_asks_of_a_part_what_another_takes_back(string id) =>
        Assert.All(
            Ways(id),
            way =>
                Assert.All(
                    way.Movement.Clauses.Where(c => c.Of is { Reference: not null })
                        .GroupBy(c => (c.Phase, c.Of!.BodyPart, c.Of.ImplementPart, c.Of.Reference)),
                    same =>
                        Assert.True(
                            same.Select(c => (c.Kind, c.Of!.OnTheLine, c.Of.SameMoment)).Distinct().Count() == 1,
                            $"{way.Answers}: {string.Join(" / ", same.Select(c => c.Text))}"
                        )
                )
        );

    /// <summary>Two answers about one clause both hold, whichever is given first.</summary>
    [Theory]
    [MemberData(nameof(Ids))]
    public void The_order_of_two_answers_does_not_matter(string id)
    {
        var movement = MovementLibrary.ById(id)!;
        var clauses = movement.Clauses.Select(c => c.Id).ToHashSet();
        var touching = Topics.All.Where(t => t.Schools.Any(s => s.Rewords.Any(clauses.Contains))).ToList();
        foreach (var one in touching)
        {
            foreach (var other in touching.Where(t => t != one))
            {
                var (mine, theirs) = (Written(one), Written(other));
                mine.IntersectWith(theirs);
                mine.IntersectWith(clauses);
                Assert.True(mine.Count == 0, $"{one.Name} and {other.Name} both write {string.Join(", ", mine)} of {id}");
            }
        }

        static HashSet<string> Written(Topic topic) => [.. topic.Schools.SelectMany(s => s.Rewords)];
    }

    public static TheoryData<string, string, string> Families =>
        new()
        {
            { "burpee step", "step-allowed", "burpee" },
            { "burpee chest", "chest-down", "burpee" },
            { "section of a lunge", "section", "walking lunge" },
            { "heads of a dumbbell", "heads-on-floor", "dumbbell deadlift" },
            { "glide", "glide", "ring muscle-up" },
            { "hips on the wall", "hips-off", "handstand push-up" },
            { "touch of the bar", "over-bar", "over the bar" },
            { "rest in a section", "rest-section", "carry" },
        };

    /// <summary>A policy reaches every movement of its family.</summary>
    [Theory]
    [MemberData(nameof(Families))]
    public void A_policy_changes_every_movement_it_speaks_of(string topic, string clause, string named)
    {
        var family = MovementLibrary
            .All.Where(m =>
                m.Name.English.Contains(named, StringComparison.Ordinal)
                && !m.Name.English.StartsWith("wall-facing", StringComparison.Ordinal)
            )
            .Where(m => named != "burpee" || m.Family.English is "Burpees" or "Box")
            .Where(m => named != "ring muscle-up" || m.Name.English == named)
            .ToList();
        Assert.NotEmpty(family);
        Assert.All(family, m => Assert.Contains(m.Clauses, c => c.Id == clause));
        Assert.Contains(clause, Topics.Find(topic)!.Schools.SelectMany(s => s.Affects));
    }

    [Fact]
    public void The_policies_on_dropping_reach_every_bar_and_every_hand_weight_that_goes_up()
    {
        string[] hold = ["front-rack hold", "overhead hold"];
        Assert.All(
            MovementLibrary.All.Where(m => m.Kit == MovementKit.Barbell && !hold.Contains(m.Name.English)),
            m =>
                Assert.True(
                    m.Clauses.Any(c => c.Id == "no-drop" || c.Id is "rack-still" or "rerack") || m.Name.English == "barbell overhead lunge",
                    m.Id
                )
        );
        Assert.All(
            MovementLibrary.All.Where(m =>
                m.Kit == MovementKit.Dumbbell && m.Family.English is "Cleans" or "Snatches" or "Shoulder to overhead"
            ),
            m => Assert.Contains(m.Clauses, c => c.Id is "no-throw" or "return-hang" or "hands-turn")
        );
    }
}

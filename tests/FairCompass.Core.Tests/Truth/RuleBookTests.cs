using FairCompass.Core.Briefing;
using FairCompass.Core.InForce;
using FairCompass.Core.Languages;
using FairCompass.Core.Publishing;
using FairCompass.Core.Standards;

namespace FairCompass.Core.Tests.Truth;

/// <summary>What is judged beside the movements stands on the papers with sign, call and what follows, and only where a workout has
/// it.</summary>
public class RuleBookTests
{
    public static TheoryData<string, string, string> Rules =>
        new()
        {
            { "9:00 for load\n  heaviest power clean\n\nscore: best load\n  tie: shared\n", "rules of a heaviest lift", "No lift, hold" },
            { Shared("one at a time"), "rule of one at a time", "No rep, one at a time" },
            { Shared("one at a time, at least 3 each"), "rule of a least share", "Owed" },
            { Shared("one at a time, at most 5 in a row"), "rule of a most in a row", "Change" },
            { Shared("one at a time, in rotation"), "rule of the order of turns", "Change, and the name" },
            { Shared("one at a time, hand tag"), "rule of a hand tag", "Back, tag" },
            { Shared("one at a time, hand over after 5 reps"), "rule of a hand-over place", "Back, mark" },
            { Held, "rules of a hold", "No rep, wait for on" },
        };

    private static string Shared(string phrases) => $"9:00 for time\n  20 pull-up\n    share: {phrases}\n{Trial.ForTime}";

    private const string Held = "9:00 for reps\n  max sit-up\n    hold: 1 crew-mate in front plank, for every whole rep\n" + Trial.ForReps;

    [Theory]
    [MemberData(nameof(Rules))]
    public void A_rule_stands_on_the_judge_brief_with_its_call(string work, string rule, string call)
    {
        var trial = Trial.Pairs(work);
        Assert.Empty(trial.Read.Parsed.Problems);
        foreach (var paper in new[] { Audience.Judge, Audience.Athlete })
        {
            var text = trial.Paper(paper);
            Assert.Contains(rule, text, StringComparison.OrdinalIgnoreCase);
            Assert.Contains(call, text, StringComparison.Ordinal);
        }
    }

    [Fact]
    public void A_workout_without_such_a_rule_has_none()
    {
        var trial = Trial.Tideline("9:00 for time\n  20 pull-up\n" + Trial.ForTime);
        Assert.Empty(RulesUsed.Of(trial.Read.Workout));
        Assert.All(
            MovementLibrary.Rules,
            r => Assert.DoesNotContain(r.Name.English, trial.Paper(Audience.Judge), StringComparison.OrdinalIgnoreCase)
        );
    }

    [Fact]
    public void No_draft_names_a_rule_as_work() =>
        Assert.All(MovementLibrary.Rules, r => Assert.Null(MovementLibrary.Find(r.Name.English)));

    [Fact]
    public void A_published_version_keeps_its_rules_and_one_of_before_has_none()
    {
        var read = Trial.Pairs(Held).Read;
        var document = PublishedDocument.Of(read);
        Assert.Contains(document.Standards, s => s.Movement.Id == "rules-of-a-hold");
        Assert.Equal(["rules-of-a-hold"], StandardsBook.Of(document.Understand().Competition).Rules(read.Workout).Select(r => r.Id));
        var before = document with
        {
            Standards = [.. document.Standards.Where(s => s.Movement.Id != "rules-of-a-hold")],
            Competition = document.Competition with
            {
                OwnMovements = [.. document.Competition.OwnMovements.Where(m => m.Id != "rules-of-a-hold")],
            },
        };
        Assert.Empty(StandardsBook.Of(before.Understand().Competition).Rules(read.Workout));
    }

    [Fact]
    public void A_published_copy_of_a_rule_is_no_movement_that_a_draft_could_name()
    {
        var document = PublishedDocument.Of(Trial.Pairs(Held).Read);
        Assert.Null(StandardsBook.Of(document.Understand().Competition).Find("rules of a hold"));
    }

    [Fact]
    public void A_rule_can_be_changed_by_the_house_like_a_movement()
    {
        var trial = Trial.Pairs(
            "9:00 for load\n  heaviest power clean\n\nscore: best load\n  tie: shared\npolicy re-rack: must stand back\n"
        );
        Assert.Contains("the lifter stands clear of it", trial.Paper(Audience.Judge), StringComparison.Ordinal);
    }

    [Fact]
    public void In_Spanish_they_are_Spanish()
    {
        var brief = new BriefBuilder(Trial.Pairs(Held).Read, null, new(2027, 6, 12), new() { Language = Language.Spanish }).Build(
            Audience.Judge
        );
        Assert.Contains("Reglas de una posición mantenida", Briefing.BriefText.Of(brief), StringComparison.OrdinalIgnoreCase);
    }
}

using FairCompass.Core.Briefing;
using FairCompass.Core.Checks;
using FairCompass.Core.Commands;
using FairCompass.Core.Drafts;
using FairCompass.Core.Notation;
using FairCompass.Core.Tests.Briefing;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Tests.Checks;

/// <summary>A note that somebody lets stand: with a reason, by a line of the draft, and never in silence.</summary>
public class WaiverTests
{
    private const string Untied = "Trial\n  for Tideline\n  a/b is man/woman\n\n4:00 for reps\n  max sit-up\n\nscore: reps\n";

    private static Understanding Read(string text) => Demo.Understand(text);

    private static string Edited(string text, WaiveRule command)
    {
        var answer = command.Against(new DraftToEdit(Read(text)));
        return Edits.Apply(text, answer.Value!.Edits);
    }

    private static string Refused(string text, string rule, string? reason)
    {
        var objection = new WaiveRule(rule, reason).Against(new DraftToEdit(Read(text))).Refused!;
        return $"{objection.Path}: {objection.Message}";
    }

    [Fact]
    public void It_stands_with_its_reason_and_is_no_question_any_more()
    {
        var before = Assert.Single(Read(Untied).Findings(), f => f.Rule == "tie-unstated");
        Assert.True(before.IsOpen);
        var text = Edited(Untied, new("tie-unstated", "shared on purpose"));
        Assert.EndsWith("waive: tie-unstated, shared on purpose\n", text, StringComparison.Ordinal);
        var after = Assert.Single(Read(text).Findings(), f => f.Rule == "tie-unstated");
        Assert.Equal("shared on purpose", after.Waived);
        Assert.Equal(before with { Waived = after.Waived }, after);
        Assert.DoesNotContain(Core.Interviewing.Interview.Open(Read(text)), q => q.Id == "tie-unstated");
    }

    [Fact]
    public void It_prints_nothing_and_changes_no_code()
    {
        var text = Edited(Untied, new("tie-unstated", "shared on purpose"));
        Assert.Equal(Fingerprint.Of(Read(Untied)), Fingerprint.Of(Read(text)));
        foreach (var audience in (Audience[])[Audience.Judge, Audience.Athlete, Audience.Caller, Audience.LaneCard, Audience.ScoreDesk])
        {
            Assert.Equal(Paper(Untied, audience), Paper(text, audience));
        }
    }

    private static string Paper(string text, Audience audience) =>
        BriefText.Of(new BriefBuilder(Read(text), null, new(2026, 6, 6)).Build(audience));

    [Fact]
    public void Another_reason_replaces_it_and_it_can_be_taken_back()
    {
        var text = Edited(Untied, new("tie-unstated", "shared on purpose"));
        var other = Edited(text, new("tie-unstated", "nobody will tie"));
        Assert.Equal("nobody will tie", Assert.Single(Read(other).Workout.Policies.OfType<Policy.Waived>()).Reason);
        Assert.Equal(Untied.TrimEnd(), Edited(other, new("tie-unstated", null)).TrimEnd());
        // What stands around the line stays as it is, blank lines too.
        Assert.Equal("T\n\n\n// later\n", Edited("T\nwaive: tie-unstated, why not\n\n\n// later\n", new("tie-unstated", null)));
        Assert.Equal("rule: tie-unstated is not let stand here.", Refused(Untied, "tie-unstated", null));
    }

    [Theory]
    [InlineData("tie-unstated", "", "reason: Say why, in 1 to 240 characters on one line.")]
    [InlineData("tie-unstated", "two\nlines", "reason: Say why, in 1 to 240 characters on one line.")]
    [InlineData(
        "tie-unstated",
        "as (agreed)",
        "reason: A draft cannot say this: brackets at the end are a note, and “//” begins a remark. Write it without."
    )]
    [InlineData("load-missing", "who cares", "rule: What cannot be run or judged as it stands cannot be let stand.")]
    [InlineData("tie-unstatd", "a slip", "rule: There is no check called tie-unstatd.")]
    public void What_cannot_be_said_is_refused_at_its_field(string rule, string reason, string refusal) =>
        Assert.Equal(refusal, Refused(Untied, rule, reason));

    [Theory]
    [InlineData("waive: tie-unstatd, a slip", "There is no check called tie-unstatd; did you mean tie-unstated.")]
    [InlineData("waive: load-ladder, no need", "load-ladder finds nothing here, so there is nothing to let stand.")]
    [InlineData("waive: tie-unstated, one\nwaive: tie-unstated, two", "tie-unstated is let stand twice; the first reason holds.")]
    public void A_line_that_lets_nothing_stand_is_said(string lines, string sentence)
    {
        var finding = Assert.Single(Read(Untied + lines + "\n").Findings(), f => f.Rule == Waivers.Misfit);
        Assert.Equal(sentence, finding.Sentence);
        Assert.DoesNotContain(
            Read(Edits.Apply(Untied + lines + "\n", [Edits.At(Untied + lines + "\n", finding.Mends[0].Edit)!])).Findings(),
            f => f.Rule == Waivers.Misfit
        );
    }

    [Fact]
    public void What_must_be_settled_is_not_let_stand()
    {
        var text = Untied.Replace("max sit-up", "max power clean", StringComparison.Ordinal) + "waive: load-missing, who cares\n";
        var findings = Read(text).Findings();
        Assert.All(findings.Where(f => f.Rule == "load-missing"), f => Assert.True(f.IsOpen));
        Assert.Contains("cannot be let stand", Assert.Single(findings, f => f.Rule == Waivers.Misfit).Sentence, StringComparison.Ordinal);
    }
}

using FairCompass.Core.Briefing;
using FairCompass.Core.Drafts;
using FairCompass.Core.Observing;
using FairCompass.Core.Pacing;
using FairCompass.Core.Playing;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Tests.Notation;
using FairCompass.Play;
using FairCompass.Store.Demo;

namespace FairCompass.Core.Tests.Playing;

/// <summary>
/// A run is played rep by rep, a judge who works nothing out fills in the card that is printed, a desk types it in: the score must be
/// the one of what was seen.
/// </summary>
public class CardsAgainstRunsTests
{
    public static TheoryData<string> Texts => DraftTexts.Demos;

    [Theory]
    [MemberData(nameof(Texts))]
    public void The_card_scores_what_was_seen(string number)
    {
        var u = Understanding.Of(SaltmarshFerryGames.Competition, DraftTexts.Read(number));
        var card = new BriefBuilder(u, null, new(2026, 6, 6)).Build(Audience.LaneCard);
        var wrong = new List<string>();
        for (var i = 0; i < u.Courses.Count; i++)
        {
            var (course, sheet) = (u.Courses[i], u.Sheets[i]);
            var player = new Player(course, sheet, u.Competition, PaceTable.Usual);
            for (var seed = 1UL; seed <= 12; seed++)
            {
                var run = player.Play(seed, (ulong)i);
                var who = $"{course.Address}, seed {seed}";
                var reading = run.Reading(course);
                wrong.AddRange(reading.Disputes.Select(d => $"{who}: disputed {d.About}"));
                wrong.AddRange(reading.Troubles.Select(t => $"{who}: {t.Field}: {t.Sentence}"));
                wrong.AddRange(Card.Validate(reading.Run, course, sheet).Select(e => $"{who}: seen {e.Path}: {e.Message}"));
                var seen = Scorer.Score(reading.Run, course, sheet, u.Competition.Unit);

                var judge = new MechanicalJudge(card, u.Courses.Count == 1 ? null : course.Address.ToString(), PlayedCourse.Start(course, sheet, run.End.Choices));
                if (!judge.HasAllBoxes)
                {
                    wrong.Add($"{who}: counters and boxes differ");
                }

                var filled = judge.Watch(run.Events);
                var typed = Card.Resolve(MechanicalDesk.Type(filled, course, sheet), course);
                var objections = Card.Validate(typed, course, sheet);
                wrong.AddRange(objections.Select(e => $"{who}: typed {e.Path}: {e.Message}"));
                if (objections.Count == 0)
                {
                    var scored = Scorer.Score(typed, course, sheet, u.Competition.Unit);
                    wrong.AddRange(
                        seen.Zip(scored)
                            .Where(x => (x.First.Class, x.First.Value, x.First.Ties) != (x.Second.Class, x.Second.Value, x.Second.Ties))
                            .Select(x => $"{who}: seen {x.First.Text} ({x.First.TieText}), card {x.Second.Text} ({x.Second.TieText})")
                    );
                }
            }
        }

        Assert.True(wrong.Count == 0, $"{wrong.Count}:\n" + string.Join('\n', wrong.Take(12)));
    }
}

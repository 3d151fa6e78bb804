using FairCompass.Core.Briefing;
using FairCompass.Core.Drafts;
using FairCompass.Core.Languages;
using FairCompass.Core.Pacing;
using FairCompass.Core.Playing;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Play;

namespace FairCompass.Core.Tests.Playing;

/// <summary>Plays a workout for each entry, fills in the printed card and types it in; says where the score is another one.</summary>
internal static class CardAgainstRun
{
    public static List<string> Faults(Understanding u, ulong seeds)
    {
        // Every second run is written down on the card in the other language.
        var cards = new[] { Language.English, Language.Spanish }
            .Select(l => new BriefBuilder(u, null, new(2026, 6, 6), new() { Language = l }).Build(Audience.LaneCard))
            .ToList();
        var wrong = new List<string>();
        for (var i = 0; i < u.Courses.Count; i++)
        {
            var player = new Player(u, i, PaceTable.Usual);
            for (var seed = 1UL; seed <= seeds; seed++)
            {
                wrong.AddRange(
                    Faults(u, i, cards[(int)(seed % 2)], player.Play(seed, (ulong)i))
                        .Select(f => $"{u.Courses[i].Address}, seed {seed}: {f}")
                );
            }
        }

        return wrong;
    }

    private static IEnumerable<string> Faults(Understanding u, int entry, Brief card, PlayedRun run)
    {
        var (course, sheet) = (u.Courses[entry], u.Sheets[entry]);
        var reading = run.Reading(course);
        var before = reading
            .Disputes.Select(d => $"disputed {d.About}")
            .Concat(reading.Troubles.Select(t => $"{t.Field}: {t.Sentence}"))
            .Concat(Card.Validate(reading.Run, course, sheet).Select(e => $"seen {e.Path}: {e.Message}"));
        foreach (var fault in before)
        {
            yield return fault;
        }

        var unit = u.Competition.Unit;
        var folded = Scorer.Score(reading.Run, course, sheet, unit);
        if (folded != run.Score(course, unit))
        {
            yield return $"the facts say {folded[0].Text}, the end of the run {run.Score(course, unit)[0].Text}";
        }

        var whose = u.Courses.Count == 1 ? null : course.Address.In(card.Language == Language.Spanish ? Tongue.Spanish : Tongue.English);
        var judge = new MechanicalJudge(card, whose, PlayedCourse.Start(course, sheet, run.End.Choices));
        if (!judge.HasAllBoxes)
        {
            yield return "counters and boxes differ";
        }

        var typed = Card.Resolve(MechanicalDesk.Type(judge.Watch(run.Events), course, sheet), course);
        var objections = Card.Validate(typed, course, sheet);
        foreach (var error in objections)
        {
            yield return $"typed {error.Path}: {error.Message}";
        }

        if (objections.Count == 0)
        {
            var pairs = folded.Zip(Scorer.Score(typed, course, sheet, unit));
            foreach (var (seen, carded) in pairs)
            {
                if ((seen.Class, seen.Value, seen.Ties) != (carded.Class, carded.Value, carded.Ties))
                {
                    yield return $"seen {seen.Text} ({seen.TieText}), card {carded.Text} ({carded.TieText})";
                }
            }
        }
    }
}

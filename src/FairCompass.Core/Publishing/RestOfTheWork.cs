using FairCompass.Core.Languages;
using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Publishing;

/// <summary>
/// What the lines of a workout say beside the figures of the prescription table: rounds, turns, holds, help, notes, where a set
/// begins, marks. A change of the table must not hide that one of these has changed with it.
/// </summary>
internal static class RestOfTheWork
{
    /// <summary>Each as a sentence in English and in a language, with what it touches, in the order of the text.</summary>
    public static IEnumerable<(Touches Touches, string English, string Said)> Of(Workout workout, Tongue tongue)
    {
        foreach (var work in WorkTree.All(workout))
        {
            switch (work)
            {
                case Work.Task task:
                    foreach (var sentence in Of(task, tongue))
                    {
                        yield return sentence;
                    }

                    break;
                case Work.RuleLine rule:
                    yield return Sentence(rule.Rule is Rule.Remark ? Touches.Words : Touches.Standard, rule, null, tongue);
                    break;
                case Work.Rounds rounds:
                    yield return Sentence(Touches.Reps, rounds with { Items = [] }, null, tongue);
                    break;
                case Work.Every every:
                    yield return Sentence(Touches.Reps, every with { First = [], Then = [] }, null, tongue);
                    break;
                case Work.Complex complex when Kept(complex.Details) is { Count: > 0 } kept:
                    yield return Sentence(Touches.Reps, complex with { Details = kept, Lifts = [], Lines = [] }, null, tongue);
                    break;
            }
        }
    }

    private static IEnumerable<(Touches, string, string)> Of(Work.Task task, Tongue tongue)
    {
        var bare = task with { Amount = null, Details = [], Lines = [] };
        if (Kept(task.Details) is { Count: > 0 } kept)
        {
            yield return Sentence(Touches.Reps, bare with { Details = kept }, null, tongue);
        }

        foreach (
            var line in task
                .Lines.Select(l => l is TaskLine.Override o ? o with { Amount = null, Movement = null, Details = Kept(o.Details) } : l)
                .Where(l => l is not TaskLine.Override { Details.Count: 0 })
        )
        {
            var touches = line switch
            {
                TaskLine.RuleOf { Rule: Rule.Remark } => Touches.Words,
                TaskLine.RuleOf => Touches.Standard,
                _ => Touches.Reps,
            };
            yield return Sentence(touches, bare with { Lines = [line] }, task.Movement, tongue);
        }
    }

    /// <summary>Loads and heights stand in the table, and what a unit is worth in the sentences of the scoring.</summary>
    private static Eq<Detail> Kept(Eq<Detail> details) =>
        details
            .Where(d =>
                d
                    is Detail.Lengths
                        or Detail.Marks
                        or Detail.Chunks
                        or Detail.Only
                        or Detail.EveryNth
                        or Detail.InRounds
                        or Detail.Flag
                        or Detail.From
                        or Detail.OnBar
            )
            .ToEq();

    /// <summary>What a piece of work says: of a task its last line, of anything else its whole head.</summary>
    private static (Touches, string, string) Sentence(Touches touches, Work work, string? of, Tongue tongue)
    {
        var (english, said) = (Said(work, Tongue.English), Said(work, tongue));
        return (touches, of is null ? english : $"{of}: {english}", of is null ? said : $"{tongue.Movement(of)}: {said}");
    }

    private static string Said(Work work, Tongue tongue)
    {
        // Points, since rounds without end for reps would be told in one sentence with the window.
        var lines = SpokenWork.Of([new Stage.Window(Duration.Seconds(60), Goal.Points, [work])], tongue).Skip(1).Select(l => l.Text);
        return (work is Work.Task ? lines.Last() : string.Join(' ', lines)).TrimEnd(':');
    }
}

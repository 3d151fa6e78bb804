using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>Free words of a draft, with the work that they stand at.</summary>
/// <param name="At">The line.</param>
/// <param name="Text">The words.</param>
/// <param name="IsLine">True for a <c>note:</c> line, false for words in brackets.</param>
/// <param name="Of">The work they speak of: the line’s own, or all of the window; empty for the whole workout.</param>
/// <param name="Window">The window they stand in; null outside.</param>
internal sealed record WrittenNote(SourceRange At, string Text, bool IsLine, IReadOnlyList<Work> Of, Stage.Window? Window);

/// <summary>Every free word of a draft.</summary>
internal static class WrittenNotes
{
    private static IEnumerable<Stage.Window> Windows(Stage stage) =>
        stage switch
        {
            Stage.Window window => [window],
            Stage.Cycles cycles => cycles.Stages.SelectMany(Windows),
            _ => [],
        };

    /// <summary>In the order of the text.</summary>
    /// <param name="context">The draft.</param>
    public static IEnumerable<WrittenNote> Of(CheckContext context)
    {
        var windows = context.Workout.Stages.SelectMany(Windows).ToList();
        foreach (var piece in context.Pieces)
        {
            var (all, window) = (WorkTree.Walk(piece.Items).ToList(), windows.Find(w => w.Items == piece.Items));
            if (window?.Note is { } head)
            {
                yield return new(window.At, head, false, all, window);
            }

            foreach (var work in all)
            {
                if (work.Note is { } brackets)
                {
                    yield return new(work.At, brackets, false, [work], window);
                }

                if (work is Work.RuleLine { Rule: Rule.Remark remark })
                {
                    yield return new(work.At, remark.Text, true, all, window);
                }

                foreach (var line in (work as Work.Task)?.Lines.OfType<TaskLine.RuleOf>() ?? [])
                {
                    if (line.Rule is Rule.Remark own)
                    {
                        yield return new(line.At, own.Text, true, [work], window);
                    }
                }
            }
        }
    }
}

using FairCompass.Core.Drafts;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Commands;

/// <summary>Answers a topic by lines of the workout itself, as the interview offers them.</summary>
/// <param name="Topic">The topic’s name.</param>
/// <param name="Label">The answer’s name.</param>
public sealed record AnswerLine(string Topic, string Label) : Command
{
    /// <inheritdoc/>
    public override Answer<DraftEdits> Against(DraftToEdit draft)
    {
        var u = draft.Understood;
        var written = new LineAnswers(u, new TopicUse(u), u.Text.Split('\n'))
            .To(Topic)
            .FirstOrDefault(a => a.Writes.Label == Label)
            ?.Writes;
        return written is not null && DraftEdits.Of(draft.Read.Text, written) is { } edits
            ? edits
            : new FieldError("topic", "This question is not in the draft any more.");
    }
}

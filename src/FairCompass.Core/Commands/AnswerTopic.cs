using FairCompass.Core.Drafts;
using FairCompass.Core.InForce;
using FairCompass.Core.Notation;
using FairCompass.Core.Policies;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Commands;

/// <summary>Answers a topic in the draft: with a school’s name, or in words where the topic takes them. An answer that stands there is
/// replaced.</summary>
/// <param name="Topic">The topic’s name.</param>
/// <param name="Words">The answer.</param>
public sealed record AnswerTopic(string Topic, string Words) : Command
{
    /// <inheritdoc/>
    public override Answer<DraftEdits> Against(DraftToEdit draft)
    {
        if (Topics.Find(Topic) is not { } topic)
        {
            return new FieldError("topic", $"There is no topic “{Topic}”.");
        }

        if (StandardRules.Answer(topic, Words) is { } objection)
        {
            return new FieldError("words", objection);
        }

        var body = draft.Read.Text;
        var line = Written(topic);
        var standing = draft.Read.Workout.Policies.FirstOrDefault(p => Answers(p, topic));
        if (standing is not null)
        {
            var at = standing.At;
            return DraftEdits.In(body, [Edits.At(body, new TextEdit(at.Line, at.Column, at.Length, line))!]);
        }

        var after = DraftText.Append(body, line);
        return DraftText.NoRoom(body, line) is { } full ? new FieldError("words", full)
            : Says(ReadDraft.Of(draft.Read.Competition, after), topic) ? DraftEdits.Between(body, after)
            : new FieldError(
                "words",
                "A draft cannot say this: brackets at the end are a note, and “//” begins a remark. Write it without."
            );
    }

    /// <summary>The line that gives a school’s answer: the notation’s own words where it has some.</summary>
    public static string Line(Topic topic, School school) => (OwnLine.Of(topic.Name)?.Begins ?? $"policy {topic.Name}: ") + school.Name;

    private string Written(Topic topic) => topic.Find(Words) is { } school ? Line(topic, school) : $"policy {topic.Name}: {Words.Trim()}";

    private static bool Answers(Policy policy, Topic topic) =>
        (policy is Policy.Answered { For.Count: 0 } a && string.Equals(a.Topic, topic.Name, StringComparison.OrdinalIgnoreCase))
        || OwnLine.Of(topic.Name)?.Is(policy) == true;

    /// <summary>True when the words are read as they were given: part of them may have become a note or a remark.</summary>
    private bool Says(ReadDraft after, Topic topic) =>
        OwnLine.Of(topic.Name) is not null
        || after.Workout.Policies.OfType<Policy.Answered>().LastOrDefault(p => Answers(p, topic)) is { Note: null } said
            && string.Equals(said.Answer, topic.Find(Words)?.Name ?? Words.Trim(), StringComparison.Ordinal);
}

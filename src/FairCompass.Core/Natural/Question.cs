using System.Text.Json.Serialization;
using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Natural;

/// <summary>Where a question stands, and what it is about.</summary>
/// <param name="Line">The line of the text, from 1.</param>
/// <param name="Column">From 1.</param>
/// <param name="Length">UTF-16 units.</param>
/// <param name="About">The topic: <c>cap</c>, <c>unit</c>, <c>load</c>, <c>order</c>, <c>amount</c>, <c>rounds</c>, <c>total</c>,
/// <c>each</c>, <c>movement</c>, …</param>
public sealed record QuestionPlace(int Line, int Column, int Length, string About);

/// <summary>A way to answer.</summary>
/// <param name="Label">The answer in a few words.</param>
/// <param name="Means">What the draft then says.</param>
/// <param name="Edit">The change of the natural text after which nothing is asked there.</param>
public sealed record QuestionOption(string Label, string Means, TextEdit Edit);

/// <summary>Something that the text leaves open.</summary>
/// <param name="At">Where.</param>
/// <param name="Sentence">The question.</param>
/// <param name="Options">Answers that can be taken with a click; empty where only a person knows.</param>
public sealed record OpenQuestion(QuestionPlace At, string Sentence, Eq<QuestionOption> Options);

/// <summary>Where some lines of the draft come from.</summary>
/// <param name="From">The line of the text, from 1; 0 for what the form implies.</param>
/// <param name="To">The line of the draft, from 1.</param>
/// <param name="How">The rule by which it was read.</param>
public sealed record LineOrigin(int From, int To, string How);

/// <summary>Words that stand in the draft as a remark.</summary>
/// <param name="At">Where they stand in the text.</param>
public sealed record KeptRemark(SourceRange At);

/// <summary>Words that were not understood. They stand nowhere in the draft.</summary>
/// <param name="At">Where they stand in the text.</param>
/// <param name="Why">The reason.</param>
public sealed record UnreadPiece(SourceRange At, string Why)
{
    /// <summary>The words.</summary>
    public required string Words { get; init; }
}

/// <summary>A natural text as it was read.</summary>
/// <param name="Draft">A draft in the notation; empty where the text has no workout.</param>
/// <param name="Lines">Where each line of the draft comes from.</param>
/// <param name="Open">What must be asked.</param>
/// <param name="Remarks">What was kept as a remark.</param>
/// <param name="Unread">What was not understood.</param>
public sealed record NaturalReading(
    string Draft,
    Eq<LineOrigin> Lines,
    Eq<OpenQuestion> Open,
    Eq<KeptRemark> Remarks,
    Eq<UnreadPiece> Unread
)
{
    /// <summary>The text to which all places belong, where it was made of something else; null where it was given.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public string? Text { get; init; }

    /// <summary>The workouts in the text, where there are several; each is to be read by itself.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public Eq<TextPart> Workouts { get; init; }
}

/// <summary>One of several workouts in a text.</summary>
/// <param name="Title">Its heading.</param>
/// <param name="From">Its first line, from 1.</param>
/// <param name="To">Its last line.</param>
public sealed record TextPart(string Title, int From, int To);

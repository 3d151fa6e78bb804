namespace FairCompass.Core.Notation;

/// <summary>A draft text with the ids of its lines.</summary>
/// <param name="Text">The text.</param>
/// <param name="Lines">The ids of its lines.</param>
public sealed record Draft(string Text, LineIds Lines)
{
    /// <summary>A text that is new.</summary>
    public static Draft New(string text) => new(text, LineIds.Of(text));

    /// <summary>The draft after its text was changed; each line that stayed, moved or was reworded is still the line that it was.</summary>
    public Draft Becomes(string text) => new(text, Lines.Follow(Text, text));
}

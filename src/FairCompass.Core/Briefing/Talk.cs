using System.Text.Json.Serialization;
using FairCompass.Core.Languages;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Briefing;

/// <summary>A briefing that is spoken on the floor, and shown part by part on a screen in the hall.</summary>
/// <param name="Audience">Whom it speaks to: <see cref="Audience.Judge"/> or <see cref="Audience.Athlete"/>.</param>
/// <param name="Competition">The competition.</param>
/// <param name="Title">The workout.</param>
/// <param name="For">The divisions it is for, in words.</param>
/// <param name="Language">Of the built-in words.</param>
/// <param name="Fingerprint">The code of what it was made from, as on the papers.</param>
/// <param name="Open">Notes of the draft that must be settled before it is given.</param>
/// <param name="Parts">What is said, in the order of the floor.</param>
public sealed record Talk(
    Audience Audience,
    string Competition,
    string Title,
    string For,
    Language Language,
    string Fingerprint,
    int Open,
    Eq<TalkPart> Parts
)
{
    /// <summary>Words in a minute of calm speech before a group, while somebody shows. Common practice is 120 to 150.</summary>
    public const int WordsInAMinute = 130;

    /// <summary>How many words are spoken.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.Never)]
    public int Words => Parts.Sum(p => p.Say.Sum(Count));

    /// <summary>How long it takes at <see cref="WordsInAMinute"/>, in whole minutes, rounded up.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.Never)]
    public int Minutes => (Words + WordsInAMinute - 1) / WordsInAMinute;

    private static int Count(string text) => text.Split(' ').Count(w => w.Any(char.IsLetterOrDigit));
}

/// <summary>One thing that is said at a time.</summary>
/// <param name="Heading">What it is about.</param>
/// <param name="Show">What stands on the screen, a line each.</param>
/// <param name="Say">What is said, a sentence each.</param>
public sealed record TalkPart(string Heading, Eq<string> Show, Eq<string> Say)
{
    /// <summary>What is shown by hand while it is said: a good rep, a fault; null for nothing.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public string? Demonstrate { get; init; }

    /// <summary>Drawings for the screen; empty where the movement has none.</summary>
    public Eq<BriefFigure> Figures { get; init; }
}

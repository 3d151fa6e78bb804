using FairCompass.Core.Languages;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards.Phrases;

namespace FairCompass.Core.Policies;

/// <summary>One answer to a question on which the trade disagrees.</summary>
/// <param name="Name">As drafts and competitions write it; lower case.</param>
/// <param name="Label">As papers print it.</param>
/// <param name="Judges">What it means for judges.</param>
/// <param name="Athletes">What it means for athletes.</param>
public sealed record School(string Name, Said Label, Said Judges, Said Athletes)
{
    /// <summary>The clauses it rewrites: each clause with one of these ids is said this way.</summary>
    internal Eq<Phrase> Rewrites { get; init; }

    /// <summary>What it changes of clauses however others have worded them.</summary>
    internal Eq<ClauseAdjust> Adjusts { get; init; }

    /// <summary>A name that it had before, which is still read; null for none.</summary>
    internal string? Formerly { get; init; }

    /// <summary>True when a workout has to say the rest of it in a line of its own, such as the order of the turns: chosen for a
    /// competition, it is asked about in each workout until it stands there.</summary>
    public bool NeedsLine { get; init; }

    /// <summary>The ids of the clauses whose sentence it says.</summary>
    [System.Text.Json.Serialization.JsonIgnore]
    public Eq<string> Rewords => Rewrites.Select(p => p.Id).ToEq();

    /// <summary>The ids of the clauses it changes.</summary>
    public Eq<string> Affects => Rewrites.Select(p => p.Id).Concat(Adjusts.SelectMany(a => a.Clauses)).Distinct().ToEq();
}

/// <summary>A question on which the trade disagrees, with its schools side by side.</summary>
/// <param name="Name">As drafts and competitions write it; lower case.</param>
/// <param name="Question">The question as the head judge is asked.</param>
/// <param name="Default">The school in force where nobody has chosen; null when somebody must choose.</param>
/// <param name="Recommended">The school that is recommended.</param>
/// <param name="Why">Why it is recommended.</param>
/// <param name="Schools">The answers; empty when the answer is in words.</param>
public sealed record Topic(string Name, Said Question, string? Default, string? Recommended, Said Why, Eq<School> Schools)
{
    /// <summary>True when words are taken that are none of the schools.</summary>
    public bool TakesWords { get; init; }

    /// <summary>Answers that were schools once and changed no number: a competition that has one is still read, and a draft is
    /// told.</summary>
    internal Eq<string> Retired { get; init; }

    /// <summary>True for an answer that is no school any more.</summary>
    /// <param name="answer">The answer, compared without case.</param>
    internal bool IsRetired(string answer) => Retired.Any(r => string.Equals(r, answer.Trim(), StringComparison.OrdinalIgnoreCase));

    /// <summary>A topic on which nobody has said anything until somebody does; one without schools is answered in words.</summary>
    internal static Topic Asked(string name, Said question, string? recommended, Said why, params School[] schools) =>
        new(name, question, null, recommended, why, schools.ToEq()) { TakesWords = schools.Length == 0 };

    /// <summary>The school of a name, compared without case; null when there is none.</summary>
    public School? Find(string name) =>
        Schools.FirstOrDefault(s => string.Equals(s.Name, name.Trim(), StringComparison.OrdinalIgnoreCase))
        ?? Schools.FirstOrDefault(s => string.Equals(s.Formerly, name.Trim(), StringComparison.OrdinalIgnoreCase));
}

/// <summary>A choice for a competition.</summary>
/// <param name="Topic">The topic’s name.</param>
/// <param name="Answer">The school’s name, or words where the topic takes them.</param>
/// <param name="Division">The division it holds for; null for all.</param>
public sealed record PolicyChoice(string Topic, string Answer, string? Division = null);

using System.Text.Json.Serialization;
using FairCompass.Core.Competitions;
using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Checks;

/// <summary>How much a finding matters.</summary>
public enum Severity
{
    /// <summary>Cannot be run or judged as it stands.</summary>
    MustFix,

    /// <summary>Will lead to argument on the floor.</summary>
    ShouldFix,

    /// <summary>May well be meant; look once.</summary>
    WorthALook,
}

/// <summary>A hole or contradiction, beside the line it concerns.</summary>
/// <param name="Rule">Which check found it.</param>
/// <param name="Severity">How much it matters.</param>
/// <param name="At">The place in the draft; never outside it.</param>
/// <param name="Sentence">What is wrong.</param>
/// <param name="Why">Why it matters, or what was expected.</param>
/// <param name="Mends">Changes that would settle it; may be empty.</param>
/// <param name="Key">Stable while rule, line, and value are the same, so that it survives lines being moved.</param>
public sealed record Finding(string Rule, Severity Severity, SourceRange At, string Sentence, string Why, Eq<Mend> Mends, string Key)
{
    /// <summary>Why somebody lets it stand; null while nobody does.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public string? Waived { get; init; }

    /// <summary>What the kit of a lane would have to have for the draft to be right as it stands; any one of them settles the finding.
    /// </summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public Eq<KitMend> KitMends { get; init; }

    /// <summary>True while it is to be looked at: nobody lets it stand.</summary>
    [JsonIgnore]
    public bool IsOpen => Waived is null;
}

/// <summary>One rule that looks for one kind of hole or contradiction.</summary>
public interface ICheck
{
    /// <summary>Lower case with hyphens, stable.</summary>
    string Id { get; }

    /// <summary>What it finds, as a heading.</summary>
    string Title { get; }

    /// <summary>Why it matters.</summary>
    string Why { get; }

    /// <summary>How much its findings matter.</summary>
    Severity Severity { get; }

    /// <summary>Looks, and reports each place.</summary>
    IEnumerable<Report> Look(CheckContext context);
}

/// <summary>What a check reports: a place, a sentence, and changes that would settle it.</summary>
public sealed record Report(SourceRange At, string Sentence, params Mend[] Mends)
{
    /// <summary>Changes of the kit that would settle it as well.</summary>
    public Eq<KitMend> KitMends { get; init; }

    /// <summary>How much it matters here, where that is less than the check’s findings matter as a rule; null for no difference.</summary>
    public Severity? Matters { get; init; }
}

/// <summary>A change of the kit of a lane that settles a finding and leaves the draft as it is.</summary>
/// <param name="Label">What it does: <c>Add a ball of 4 kg to the kit</c>.</param>
/// <param name="Add">What is added.</param>
public sealed record KitMend(string Label, KitAddition Add);

using System.Collections.Immutable;
using System.Text.RegularExpressions;

namespace FairCompass.Core.Standards;

/// <summary>Whether a sentence asks for something, lets it pass, or makes it a no-rep.</summary>
public enum Polarity
{
    /// <summary>It must happen.</summary>
    Asks,

    /// <summary>It may happen.</summary>
    Allows,

    /// <summary>It is a no-rep.</summary>
    Forbids,
}

/// <summary>What a rule’s sentence says, as far as two rules can be compared: who wrote it used words, and only these are looked at.
/// What is not in the lists is no part of the sense, so nothing is concluded from it.</summary>
/// <param name="Says">Whether it asks, allows or forbids.</param>
/// <param name="Parts">The parts of body and kit that it names, each by one word: <c>hand</c> for palms and fingers too.</param>
/// <param name="Acts">What they do: <c>leave</c>, <c>touch</c>, <c>step</c>, <c>jump</c>, …</param>
/// <param name="Places">What it is done to or at: <c>floor</c>, <c>box</c>, <c>mark</c>.</param>
/// <param name="Grips">The grips that it names.</param>
/// <param name="Back">Where work begins again after a fault: <c>last mark</c>, <c>start line</c>; null when it says nothing of it.</param>
/// <param name="Seldom">True where something is asked less often than in every rep: <c>once in every three</c>, <c>only at</c>.</param>
/// <param name="Together">True where things happen at the same moment.</param>
public sealed record RuleSense(
    Polarity Says,
    ImmutableHashSet<string> Parts,
    ImmutableHashSet<string> Acts,
    ImmutableHashSet<string> Places,
    ImmutableHashSet<string> Grips,
    string? Back,
    bool Seldom,
    bool Together
)
{
    private static readonly (Regex Word, string Part)[] PartWords =
    [
        .. Words(
            ("hand", "hands?|palms?|fingers?"),
            ("foot", "foot|feet"),
            ("heel", "heels?"),
            ("toe", "toes?"),
            ("knee", "knees?"),
            ("hip", "hips?|fold of the hip"),
            ("elbow", "elbows?|arms?"),
            ("chin", "chin"),
            ("chest", "chest"),
            ("head", "head"),
            ("shoulder", "shoulders?|shoulder blades?"),
            ("ball", "ball"),
            ("bar", "bar|barbell"),
            ("plate", "plates?"),
            ("hand weight", "dumbbells?|heads of a dumbbell"),
            ("bell", "bells?|kettlebells?"),
            ("bag", "bag|sandbag"),
            ("box", "box"),
            ("rope", "rope")
        ),
    ];

    private static readonly (Regex Word, string Act)[] ActWords =
    [
        .. Words(
            ("leave", "leaves?|lift(ed|ing|s)?|off the (floor|ground)|releas(e|es|ed|ing)"),
            ("touch", "touch(es|ed|ing)?|contact"),
            ("step", "step(s|ped|ping)?( (up|down|over))?"),
            ("jump", "jump(s|ed|ing)?"),
            ("straighten", "straight(ens?|ened)?|lock(s|ed)?( out)?|open(s|ed)?"),
            ("bend", "bends?|bent|bending"),
            ("drop", "drop(s|ped|ping)?|let go|lets go|throw(s|n)?"),
            ("stop", "stop(s|ped|ping)?|paus(e|es|ed|ing)"),
            ("cross", "cross(es|ed|ing)?")
        ),
    ];

    private static readonly (Regex Word, string Place)[] PlaceWords =
    [
        .. Words(
            ("floor", "floor|ground|mat"),
            ("bar", "bar|barbell"),
            ("box", "box"),
            ("wall", "wall"),
            ("rig", "rig|upright|step"),
            ("line", "line"),
            ("mark", "marks?|section"),
            ("target", "target"),
            ("rings", "rings?|straps?")
        ),
    ];

    private static readonly (Regex Word, string Grip)[] GripWords =
    [
        .. Words(
            ("underhand", "underhand(ed)?|palms? towards"),
            ("overhand", "overhand(ed)?|palms? away"),
            ("mixed", "mixed|alternat(e|ed|ing) grip"),
            ("hook", "hook( grip)?")
        ),
    ];

    private static readonly (Regex Word, string Back)[] BackWords =
    [
        .. Words(
            ("the last mark", "(behind|at|from|to) (the|its) (last )?mark"),
            ("the start line", "(behind|at|from|to) the (start|starting) line|(at|from) the start"),
            ("the floor", "(from|on) the floor"),
            ("where it stopped", "where (it|he|she|they|the athlete|the load) (stopped|stands|lies|fell|rests?)")
        ),
    ];

    private static readonly Regex Forbidding = Any(
        "(is|are|counts as|means) (a )?no[- ]reps?|(is|are) not (allowed|good|counted)|may not|must not|(does|do) not count"
            + "|forbidden|never|no \\w+( and no \\w+)* (touch|leave|push|rest)\\w*"
    );

    private static readonly Regex Allowing = Any(
        "(is|are) (also )?(allowed|permitted|good|fine)|may|need not|no \\w+ is (needed|asked|judged)|(is|are) not (judged|needed|asked)"
    );

    private static readonly Regex Again = Any("begins? again|goes? on|go(es)? back|starts? again|restarts?|returns?");

    private static readonly Regex LessOften = Any(
        "once in (every|each)|only (once|at|in)|(\\w+ )?(runs?|reps?|turns?|lengths?|rounds?) only|every (other|second|third|2nd|3rd)"
    );

    private static readonly Regex AtOnce = Any("together|at the same (time|moment)|at once|both ends");

    /// <summary>What a sentence says.</summary>
    /// <param name="sentence">In English, as a rule book has it.</param>
    public static RuleSense Of(string sentence) =>
        new(
            Forbidding.IsMatch(sentence) ? Polarity.Forbids
                : Allowing.IsMatch(sentence) ? Polarity.Allows
                : Polarity.Asks,
            Found(PartWords, sentence),
            Found(ActWords, sentence),
            Found(PlaceWords, sentence),
            Found(GripWords, sentence),
            Again.IsMatch(sentence) ? BackWords.FirstOrDefault(b => b.Word.IsMatch(sentence)).Back : null,
            LessOften.IsMatch(sentence),
            AtOnce.IsMatch(sentence)
        );

    /// <summary>True where both speak of the same part doing the same.</summary>
    /// <param name="other">The other rule.</param>
    public bool IsAbout(RuleSense other) => !Parts.Intersect(other.Parts).IsEmpty && !Acts.Intersect(other.Acts).IsEmpty;

    /// <summary>True where nobody can keep one rule by the other: what one asks the other forbids, or what one allows.</summary>
    /// <param name="other">The other rule.</param>
    public bool Contradicts(RuleSense other) =>
        IsAbout(other)
        && (Says == Polarity.Forbids) != (other.Says == Polarity.Forbids)
        && (Places.IsEmpty && other.Places.IsEmpty || !Places.Intersect(other.Places).IsEmpty);

    private static ImmutableHashSet<string> Found((Regex Word, string Name)[] words, string sentence) =>
        words.Where(w => w.Word.IsMatch(sentence)).Select(w => w.Name).ToImmutableHashSet(StringComparer.Ordinal);

    private static IEnumerable<(Regex, string)> Words(params (string Name, string Pattern)[] words) =>
        words.Select(w => (Any(w.Pattern), w.Name));

    private static Regex Any(string pattern) => new($@"\b({pattern})\b", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant);
}

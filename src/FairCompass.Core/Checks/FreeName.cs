namespace FairCompass.Core.Checks;

/// <summary>Names for a part or a score that are not taken yet.</summary>
internal static class FreeName
{
    /// <summary>The next letter after a name of one letter, else the name with a number; one that no part and no score has.</summary>
    /// <param name="context">The draft.</param>
    /// <param name="name">The name that is taken.</param>
    public static string Of(CheckContext context, string name)
    {
        var taken = context
            .Workout.Stages.Select(s => s.Label)
            .Concat(context.Workout.Scores.Select(s => s.Label))
            .OfType<string>()
            .ToHashSet(StringComparer.OrdinalIgnoreCase);
        var letters = name is [>= 'A' and < 'Z'] ? Enumerable.Range(name[0] + 1, 'Z' - name[0]).Select(c => ((char)c).ToString()) : [];
        return letters.Concat(Enumerable.Range(2, taken.Count + 1).Select(n => $"{name} {n}")).First(n => !taken.Contains(n));
    }
}

namespace FairCompass.Core.Tests.Notation;

/// <summary>Drafts that use the whole notation, one construct family each.</summary>
public static class DraftTexts
{
    public static IReadOnlyList<string> Names { get; } =
        typeof(DraftTexts)
            .Assembly.GetManifestResourceNames()
            .Where(n => !n.Contains('/', StringComparison.Ordinal))
            .Order(StringComparer.Ordinal)
            .ToList();

    /// <summary>The complete workouts of the demo competition, as they ship.</summary>
    public static IReadOnlyList<string> DemoNames { get; } =
        typeof(DraftTexts)
            .Assembly.GetManifestResourceNames()
            .Where(n => n.StartsWith("demo/", StringComparison.Ordinal) && !n.EndsWith("mistakes", StringComparison.Ordinal))
            .Order(StringComparer.Ordinal)
            .ToList();

    public static TheoryData<string> Demos => new(DemoNames);

    public static string Demo(string number) => Read(DemoNames.Single(n => n.StartsWith("demo/" + number, StringComparison.Ordinal)));

    public static TheoryData<string> All => new(Names);

    public static string Read(string name)
    {
        using var stream = typeof(DraftTexts).Assembly.GetManifestResourceStream(name)!;
        using var reader = new StreamReader(stream);
        return reader.ReadToEnd();
    }

    public static string Starting(string prefix) => Read(Names.Single(n => n.StartsWith(prefix, StringComparison.Ordinal)));
}

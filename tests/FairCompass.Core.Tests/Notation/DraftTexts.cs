namespace FairCompass.Core.Tests.Notation;

/// <summary>The complete workouts of the demo, as they ship: they use the whole notation, one construct family each.</summary>
public static class DraftTexts
{
    public static IReadOnlyList<string> DemoNames { get; } =
        typeof(DraftTexts)
            .Assembly.GetManifestResourceNames()
            .Where(n => n.StartsWith("demo/", StringComparison.Ordinal) && !n.EndsWith("mistakes", StringComparison.Ordinal))
            .Order(StringComparer.Ordinal)
            .ToList();

    public static TheoryData<string> Demos => new(DemoNames);

    /// <summary>A workout by its number: <c>04</c>.</summary>
    public static string Demo(string number) => Read(DemoNames.Single(n => n.StartsWith("demo/" + number, StringComparison.Ordinal)));

    public static string Read(string name)
    {
        using var stream = typeof(DraftTexts).Assembly.GetManifestResourceStream(name)!;
        using var reader = new StreamReader(stream);
        return reader.ReadToEnd();
    }
}

namespace FairCompass.Core.Tests.Notation;

/// <summary>Drafts that use the whole notation, one construct family each.</summary>
public static class DraftTexts
{
    public static IReadOnlyList<string> Names { get; } =
        typeof(DraftTexts).Assembly.GetManifestResourceNames().Order(StringComparer.Ordinal).ToList();

    public static TheoryData<string> All => new(Names);

    public static string Read(string name)
    {
        using var stream = typeof(DraftTexts).Assembly.GetManifestResourceStream(name)!;
        using var reader = new StreamReader(stream);
        return reader.ReadToEnd();
    }

    public static string Starting(string prefix) => Read(Names.Single(n => n.StartsWith(prefix, StringComparison.Ordinal)));
}

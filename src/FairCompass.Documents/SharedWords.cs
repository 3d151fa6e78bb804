using System.Globalization;
using DocumentFormat.OpenXml.Packaging;
using DocumentFormat.OpenXml.Spreadsheet;

namespace FairCompass.Documents;

/// <summary>Words of a spreadsheet that stand in many cells and are kept once.</summary>
internal sealed class SharedWords(WorkbookPart book)
{
    private readonly List<string> words =
        book.SharedStringTablePart?.SharedStringTable?.Elements<SharedStringItem>().Select(Plain).ToList() ?? [];

    /// <summary>The words of a number that stands in a cell.</summary>
    public string At(string number) =>
        int.TryParse(number, NumberStyles.None, CultureInfo.InvariantCulture, out var at) && at < words.Count ? words[at] : "";

    /// <summary>The words without the marks of how East Asian ones are spoken.</summary>
    private static string Plain(SharedStringItem item) =>
        item.Text is { } one ? one.Text : string.Concat(item.Elements<Run>().Select(r => r.Text?.Text ?? ""));
}

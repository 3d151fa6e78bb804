using UglyToad.PdfPig;
using UglyToad.PdfPig.Content;
using UglyToad.PdfPig.Exceptions;

namespace FairCompass.Documents;

/// <summary>The words of a PDF in lines, as they stand on the page; a wide gap is a column.</summary>
internal static class PdfText
{
    /// <summary>Pages beyond which a file is not read.</summary>
    private const int MostPages = 100;

    /// <summary>A gap of so many widths of a letter parts two columns.</summary>
    private const double Column = 3;

    public static DocumentText Of(byte[] file)
    {
        try
        {
            return Read(file);
        }
        catch (PdfDocumentEncryptedException)
        {
            return DocumentText.No("pdf", "This PDF has a password. Print it into another one, or paste the text.");
        }
    }

    private static DocumentText Read(byte[] file)
    {
        using var pdf = PdfDocument.Open(file, new ParsingOptions { FilterProvider = new BoundedFilters() });
        if (pdf.NumberOfPages > MostPages)
        {
            return DocumentText.No("pdf", $"This file has {pdf.NumberOfPages} pages; at most {MostPages} are read.");
        }

        var text = string.Join("\n\n", pdf.GetPages().Select(p => string.Join('\n', Lines(p))));
        return string.IsNullOrWhiteSpace(text)
            ? DocumentText.No("pdf", "There are no words in this PDF: it is a picture of a page. Type or paste the text.")
            : new("pdf", text);
    }

    /// <summary>Words on one baseline are a line; type of another size beside it stands a little higher or lower.</summary>
    private static IEnumerable<string> Lines(Page page)
    {
        var open = new List<(double Base, double Size, List<Word> Words)>();
        foreach (var word in page.GetWords())
        {
            var (baseline, size) = (word.Letters[0].StartBaseLine.Y, word.Letters.Max(l => l.BoundingBox.Height));
            var line = open.FindIndex(l => Math.Abs(l.Base - baseline) < Math.Max(2, Math.Max(l.Size, size) / 2));
            if (line < 0)
            {
                open.Add((baseline, size, [word]));
            }
            else
            {
                open[line].Words.Add(word);
            }
        }

        return open.OrderByDescending(l => l.Base).Select(l => Line([.. l.Words.OrderBy(w => w.BoundingBox.Left)]));
    }

    private static string Line(List<Word> words) =>
        string.Concat(
            words.Select(
                (w, i) => i == 0 ? w.Text : (w.BoundingBox.Left - words[i - 1].BoundingBox.Right > Column * Letter(w) ? "\t" : " ") + w.Text
            )
        );

    private static double Letter(Word word) => Math.Max(1, word.BoundingBox.Width / Math.Max(1, word.Text.Length));
}

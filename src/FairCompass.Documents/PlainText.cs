using System.Text;

namespace FairCompass.Documents;

/// <summary>Files without a format: text, Markdown, tables with separators; and web pages, which begin like one.</summary>
internal static class PlainText
{
    private static readonly UTF8Encoding Utf8 = new(false, throwOnInvalidBytes: true);

    public static DocumentText Of(byte[] file, string? name)
    {
        if (Decoded(file) is not { } text)
        {
            return DocumentText.No("", "This is no text, and no kind of file that is read: .txt, .md, .csv, .html, .xlsx, .docx, .pdf.");
        }

        text = text.ReplaceLineEndings("\n");
        return IsPage(text, name) ? PageText.Of(text)
            : SeparatedText.Of(text, name) is { } table ? new("table", table)
            : new("text", text);
    }

    private static bool IsPage(string text, string? name)
    {
        var head = text.AsSpan(0, Math.Min(text.Length, 1000)).TrimStart();
        return head.StartsWith("<!doctype html", StringComparison.OrdinalIgnoreCase)
            || head.StartsWith("<html", StringComparison.OrdinalIgnoreCase)
            || (head.StartsWith("<") && (Ends(name, ".html") || Ends(name, ".htm")));
    }

    /// <summary>True for a name with an ending.</summary>
    internal static bool Ends(string? name, string ending) => name?.EndsWith(ending, StringComparison.OrdinalIgnoreCase) == true;

    /// <summary>The text by its mark, as UTF-8, or in the letters of Western Europe; null for what is no text.</summary>
    private static string? Decoded(byte[] file)
    {
        if (file is [0xFF, 0xFE, ..] or [0xFE, 0xFF, ..])
        {
            return (file[0] == 0xFF ? Encoding.Unicode : Encoding.BigEndianUnicode).GetString(file, 2, file.Length - 2);
        }

        var body = file is [0xEF, 0xBB, 0xBF, ..] ? file.AsSpan(3) : file;
        if (body.ContainsAnyInRange((byte)0, (byte)8) || body.ContainsAnyInRange((byte)14, (byte)26))
        {
            return null;
        }

        try
        {
            return Utf8.GetString(body);
        }
        catch (DecoderFallbackException)
        {
            return Encoding.Latin1.GetString(body);
        }
    }
}

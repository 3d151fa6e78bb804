using UglyToad.PdfPig;
using UglyToad.PdfPig.Tokens;

namespace FairCompass.Browser.Tests;

/// <summary>The structure that a tagged document tells of itself.</summary>
internal static class PdfTags
{
    /// <summary>The types of its structure elements, in reading order; empty for a document without structure.</summary>
    public static List<string> Of(PdfDocument pdf)
    {
        var tags = new List<string>();
        if (Seen(pdf, pdf.Structure.Catalog.CatalogDictionary, "StructTreeRoot") is DictionaryToken root)
        {
            Walk(pdf, Seen(pdf, root, "K"), tags);
        }

        return tags;
    }

    private static IToken? Seen(PdfDocument pdf, DictionaryToken of, string key) =>
        of.TryGet(NameToken.Create(key), out var token) ? Seen(pdf, token) : null;

    private static IToken Seen(PdfDocument pdf, IToken token) =>
        token is IndirectReferenceToken reference ? Seen(pdf, pdf.Structure.GetObject(reference.Data).Data) : token;

    private static void Walk(PdfDocument pdf, IToken? token, List<string> tags)
    {
        switch (token)
        {
            case ArrayToken all:
                foreach (var one in all.Data)
                {
                    Walk(pdf, Seen(pdf, one), tags);
                }

                break;
            case DictionaryToken element:
                if (Seen(pdf, element, "S") is NameToken type)
                {
                    tags.Add(type.Data);
                }

                Walk(pdf, Seen(pdf, element, "K"), tags);
                break;
        }
    }
}

using System.Text;
using AngleSharp.Dom;
using AngleSharp.Html.Parser;

namespace FairCompass.Documents;

/// <summary>The words of a web page or of what a clipboard holds of one, in lines: blocks, items of lists, rows of tables.</summary>
public static class PageText
{
    private static readonly HashSet<string> Unseen = new(StringComparer.OrdinalIgnoreCase)
    {
        "script",
        "style",
        "head",
        "template",
        "noscript",
        "svg",
        "iframe",
        "object",
    };

    private static readonly HashSet<string> Blocks = new(StringComparer.OrdinalIgnoreCase)
    {
        "p",
        "div",
        "section",
        "article",
        "header",
        "footer",
        "main",
        "aside",
        "h1",
        "h2",
        "h3",
        "h4",
        "h5",
        "h6",
        "ul",
        "ol",
        "dl",
        "dt",
        "dd",
        "blockquote",
        "figure",
        "hr",
        "address",
        "form",
        "table",
    };

    /// <summary>The text of a page, or why it is not read. Nothing of it is fetched or carried out.</summary>
    /// <param name="html">HTML, whole or in part.</param>
    public static DocumentText Of(string html)
    {
        if (Nesting.IsTooDeep(html))
        {
            return DocumentText.No("page", $"On this page things stand more than {Nesting.Most} deep in one another, so it is not read.");
        }

        var text = new StringBuilder();
        if (new HtmlParser().ParseDocument(html).Body is { } body)
        {
            Write(body, text);
        }

        var lines = text.ToString().Split('\n').Select(l => l.Trim(' ')).ToList();
        // Blocks within blocks leave several breaks behind; one empty line is a pause, more are none.
        return new("page", string.Join('\n', lines.Where((l, i) => l.Length > 0 || (i > 0 && lines[i - 1].Length > 0))).Trim('\n'));
    }

    private static void Write(INode node, StringBuilder text)
    {
        foreach (var child in node.ChildNodes)
        {
            if (child is IText words)
            {
                Say(words.Data, text);
            }
            else if (child is IElement element && !Unseen.Contains(element.LocalName) && !element.HasAttribute("hidden"))
            {
                Write(element, text);
            }
        }
    }

    private static void Write(IElement element, StringBuilder text)
    {
        switch (element.LocalName)
        {
            case "br":
                text.Append('\n');
                break;
            case "pre":
                Break(text);
                text.Append(element.TextContent.ReplaceLineEndings("\n"));
                Break(text);
                break;
            case "tr":
                Break(text);
                text.Append(SeparatedText.Row(element.Children.Where(c => c.LocalName is "td" or "th").Select(Cell)));
                Break(text);
                break;
            case "li":
                Break(text);
                text.Append(element.ParentElement?.LocalName == "ol" ? Number(element) : "- ");
                Write((INode)element, text);
                Break(text);
                break;
            case var name when Blocks.Contains(name):
                Break(text);
                Write((INode)element, text);
                Break(text);
                if (name is "p" or "table" or "ul" or "ol" || name.Length == 2)
                {
                    text.Append('\n');
                }

                break;
            default:
                Write((INode)element, text);
                break;
        }
    }

    private static string Cell(IElement cell)
    {
        var words = new StringBuilder();
        Write((INode)cell, words);
        return words.ToString();
    }

    private static string Number(IElement item) => $"{item.ParentElement!.Children.TakeWhile(c => c != item).Count() + 1}. ";

    private static void Say(string words, StringBuilder text)
    {
        foreach (var c in words)
        {
            var space = char.IsWhiteSpace(c);
            if (!space || (text.Length > 0 && text[^1] is not (' ' or '\n')))
            {
                text.Append(space ? ' ' : c);
            }
        }
    }

    private static void Break(StringBuilder text)
    {
        if (text.Length > 0 && text[^1] != '\n')
        {
            text.Append('\n');
        }
    }
}

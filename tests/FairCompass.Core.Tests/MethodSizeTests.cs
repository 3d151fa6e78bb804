using Microsoft.CodeAnalysis;
using Microsoft.CodeAnalysis.CSharp;
using Microsoft.CodeAnalysis.CSharp.Syntax;

namespace FairCompass.Core.Tests;

/// <summary>A method says one thing. A grammar may be long, so the parser is left out; so are tables, which are lists and no
/// method.</summary>
public class MethodSizeTests
{
    private const int MostLines = 60;

    /// <summary>Methods of the application, each with the lines it takes.</summary>
    private static IEnumerable<(int Lines, string Where)> Methods()
    {
        var root = Docs.Root();
        foreach (var file in Directory.EnumerateFiles(Path.Combine(root, "src"), "*.cs", SearchOption.AllDirectories))
        {
            if (
                file.Split('/').Any(p => p is "obj" or "bin" or "node_modules")
                || Path.GetFileName(file).StartsWith("Parser", StringComparison.Ordinal)
            )
            {
                continue;
            }

            foreach (var node in CSharpSyntaxTree.ParseText(File.ReadAllText(file)).GetRoot().DescendantNodes())
            {
                if (IsMethod(node) && !IsTable(node))
                {
                    var lines = node.GetLocation().GetLineSpan();
                    yield return (
                        lines.EndLinePosition.Line - lines.StartLinePosition.Line + 1,
                        $"{Path.GetRelativePath(root, file)}:{lines.StartLinePosition.Line + 1} {Name(node)}"
                    );
                }
            }
        }
    }

    private static bool IsMethod(SyntaxNode node) =>
        node is BaseMethodDeclarationSyntax or LocalFunctionStatementSyntax or AccessorDeclarationSyntax
        || node is PropertyDeclarationSyntax { ExpressionBody: not null };

    /// <summary>A list that is written down: <c>=> [ … ]</c>.</summary>
    private static bool IsTable(SyntaxNode node) =>
        node is PropertyDeclarationSyntax { ExpressionBody.Expression: CollectionExpressionSyntax };

    private static string Name(SyntaxNode node) =>
        node switch
        {
            MethodDeclarationSyntax m => m.Identifier.Text,
            PropertyDeclarationSyntax p => p.Identifier.Text,
            LocalFunctionStatementSyntax f => f.Identifier.Text,
            _ => node.Kind().ToString(),
        };

    [Fact]
    public void No_method_is_over_60_lines()
    {
        var all = Methods().ToList();
        Assert.True(all.Count > 2000, $"{all.Count} methods");
        var long_ = all.Where(m => m.Lines > MostLines).OrderByDescending(m => m.Lines).Select(m => $"{m.Lines} {m.Where}");
        Assert.True(!long_.Any(), string.Join('\n', long_));
    }
}

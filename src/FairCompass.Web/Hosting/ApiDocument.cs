using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;
using Microsoft.AspNetCore.OpenApi;
using Microsoft.OpenApi;

namespace FairCompass.Web.Hosting;

/// <summary>The OpenAPI document.</summary>
public static class ApiDocument
{
    /// <summary>Describes the core's own value types and the document as a whole.</summary>
    public static void Configure(OpenApiOptions options)
    {
        options.AddDocumentTransformer(
            (document, _, _) =>
            {
                document.Info = new OpenApiInfo
                {
                    Title = "Fair Compass",
                    Version = "1",
                    Description =
                        "Times are whole milliseconds. Numbers of a draft are strings. Errors are problem details (RFC 9457) "
                        + "with the path of each field.",
                };
                document.Servers = [];
                return Task.CompletedTask;
            }
        );
        options.AddSchemaTransformer(
            async (schema, context, cancel) =>
            {
                var type = context.JsonTypeInfo.Type;
                if (type.IsGenericType && type.GetGenericTypeDefinition() == typeof(Eq<>))
                {
                    schema.Type = JsonSchemaType.Array;
                    schema.Items = await context.GetOrCreateSchemaAsync(type.GetGenericArguments()[0], null, cancel);
                }
                else if (type == typeof(Duration) || type == typeof(Duration?))
                {
                    schema.Type = type == typeof(Duration) ? JsonSchemaType.Integer : JsonSchemaType.Integer | JsonSchemaType.Null;
                    schema.Format = "int64";
                    schema.Properties?.Clear();
                    schema.Description = "Milliseconds.";
                }
                else if (
                    type == typeof(SourceRange)
                    || type == typeof(Core.Notation.Token)
                    || type == typeof(Timeline)
                    || type == typeof(ClockSpan)
                    || type == typeof(LedgerCell)
                    || type == typeof(LedgerRow)
                )
                {
                    // What may be left out when such a value is made is still always written.
                    schema.Required = schema.Properties?.Keys.ToHashSet();
                }
                else if (type == typeof(Number))
                {
                    schema.Type = JsonSchemaType.String;
                }
            }
        );
    }
}

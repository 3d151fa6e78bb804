namespace FairCompass.Web.Access;

/// <summary>From where a request comes.</summary>
public static class Addresses
{
    /// <summary>The address of the other end of the connection.</summary>
    public static string Of(HttpContext http) =>
        http.Connection.RemoteIpAddress switch
        {
            null => "here",
            { IsIPv4MappedToIPv6: true } four => four.MapToIPv4().ToString(),
            var address => address.ToString(),
        };
}

# For a home server. First bin/package, on Linux; then, for example:
#   docker build -t rustic-tangle -f Containerfile .
#   docker run -d --name rustic-tangle -v rustic-tangle:/data -p 8443:8443 -e RUSTIC_TANGLE_HOME_NAMES=192.168.1.5 rustic-tangle
#   docker logs rustic-tangle                                                   the code for the first device
#   docker exec rustic-tangle /opt/rustic-tangle/rustic-tangle --let-in "the phone" helpers    a code for one more
# RUSTIC_TANGLE_HOME_NAMES is the address or name of the home server, as phones reach it.
FROM debian:stable-slim
RUN useradd --create-home --uid 1000 owner && mkdir /data && chown owner:owner /data
COPY dist/rustic-tangle-*-linux-*/ /opt/rustic-tangle/
USER owner
ENV RUSTIC_TANGLE_DATA=/data/rustic-tangle.db
VOLUME /data
EXPOSE 8443
ENTRYPOINT ["/opt/rustic-tangle/rustic-tangle"]
CMD ["--home"]

# frozen_string_literal: true

module Server
  module Jobs
    # Counts what the picks of a bench take of its shelf.
    class CountPromised < Counted
      self.maximum_retry_count = 3

      # Another one whenever what is counted is told otherwise: what was counted before that is counted anew.
      TOLD = { "told" => 3 }.freeze
      # What a page waits for: picks, times the tools that each is read with.
      SOON = 2500

      class << self
        # @return [String]
        def kind
          "promised"
        end

        # @return [Hash]
        def nothing
          { "promised" => {} }
        end

        # @param maker [Models::Maker]
        # @return [Hash] "promised" by the fabric's id, and whether that is "counting" still
        def ask(maker)
          soon?(maker) ? { **count(maker), "counting" => false } : of(maker, TOLD)
        end

        # @param maker [Models::Maker]
        # @return [Hash]
        def count(maker, _about = {})
          projects = maker.projects.reject(&:aside)
          { "promised" => OakenGauge.promised(projects.flat_map(&:takes), projects.filter_map(&:quilt_takes)) }
        end

        # @param maker [Models::Maker]
        # @return [Hash] the same for whoever goes on with something else meanwhile: a quilt is planned by a job, whatever its size
        def beside(maker)
          maker.projects.none?(&:quilt) ? ask(maker) : of(maker, TOLD)
        end

        # @param maker [Models::Maker]
        # @return [Hash] what was counted last, whatever was changed since; nothing is counted anew
        def last(maker)
          jobs(maker, TOLD).where(state: "done").order(updated_at: :desc).first&.answer || nothing
        end

        # @param counted [Hash]
        # @return [Hash{Integer => Integer}] of how many fabrics there is not enough, by the project's id
        def short(counted)
          counted["promised"].values.flat_map { |fabric| fabric["by"] }.select { |share| share["buy"] }.map { |share| share["id"] }.tally
        end

        private

        def soon?(maker)
          picks = Models::Pick.joins(:unit).merge(Models::Unit.here).where(units: { project_id: maker.projects.select(:id) }).count
          picks * (maker.tools.count + 10) <= SOON
        end
      end
    end
  end
end
